import { oneRecord } from '../../../../http/route';

export default oneRecord('Gives a bed or a container.', 'site', 'site');
