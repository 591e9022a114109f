import { SiteFields } from '../../../../../core/model/garden';
import { readGarden, updateSite } from '../../../../database/gardens';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(SiteFields), ({ db, body, param }) => {
  updateSite(db, param('garden'), param('site'), body.revision, body.fields);
  return readGarden(db, param('garden'));
});
