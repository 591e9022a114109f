import { SiteFields } from '../../../../../core/model/garden';
import { addSite, readGarden } from '../../../../database/gardens';
import { route } from '../../../../http/route';

export default route(SiteFields, ({ db, body, param }) => {
  addSite(db, param('garden'), body);
  return readGarden(db, param('garden'));
});
