import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a batch.', 'batch', 'batch');
