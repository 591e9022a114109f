import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a recorded day.', 'seen', 'seen');
