import type { Site } from '../../../../../../core/model/garden';
import { pushProbe } from '../../../../../devices/soil-probe';
import { mustRead, readGarden } from '../../../../../database/gardens';
import { gardenLibrary } from '../../../../../http/garden-library';
import { route } from '../../../../../http/route';

export default route(null, (store) => {
  const { db, param } = store;
  const site = mustRead(db, 'site', param('garden'), param('site'), 'bed') as unknown as Site;
  return pushProbe(readGarden(db, param('garden')), gardenLibrary(store, param('garden')), site, new Date());
});
