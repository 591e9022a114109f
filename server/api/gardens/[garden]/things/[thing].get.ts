import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a thing in the yard.', 'thing', 'thing');
