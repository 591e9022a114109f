import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a case.', 'why_case', 'case');
