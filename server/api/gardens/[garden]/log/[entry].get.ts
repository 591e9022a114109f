import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives one entry of the log.', 'entry', 'entry');
