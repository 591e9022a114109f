import { SiteFields } from '../../../../../core/model/garden';
import { updateSite } from '../../../../database/records/sites';
import { change, withRevision } from '../../../../http/route';

export default change({ does: 'Changes a bed or a container.', body: withRevision(SiteFields) }, (request) => {
  const { db, body, gardenId } = request;
  updateSite(db, gardenId, { id: request.param('site'), revision: body.revision }, body.fields);
});
