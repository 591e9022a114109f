import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a chosen target.', 'garden_target', 'target');
