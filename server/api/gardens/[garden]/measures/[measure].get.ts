import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a measurement.', 'measure', 'measure');
