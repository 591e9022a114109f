import { SiteFields } from '../../../../../core/model/garden';
import { addSite } from '../../../../database/records/sites';
import { addition } from '../../../../http/route';

export default addition('sites', { does: 'Adds a bed or a container.', body: SiteFields }, ({ db, body, gardenId }) =>
  addSite(db, gardenId, body),
);
