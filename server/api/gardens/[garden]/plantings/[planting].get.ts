import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a planting.', 'planting', 'planting');
