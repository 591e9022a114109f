import { oneRecord } from '../../../../http/route';

export default oneRecord('Reads what was said of a task.', 'work', 'work');
