import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a plan.', 'plan', 'plan');
