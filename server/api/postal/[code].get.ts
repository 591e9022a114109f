import { regionAt } from '../../../core/place/climate/region-at';
import { Fault } from '../../database/faults';
import { postalPlace } from '../../http/postal';
import { route } from '../../http/route';

export default route(
  { does: 'Finds a place by its US ZIP or Canadian postal code.', answers: 'the place and its region' },
  (request) => {
    const typed = request.param('code');
    const place = postalPlace(typed);
    if (!place)
      throw new Fault(404, `No place is known by the code “${typed}”: give a five-digit ZIP or a Canadian code such as V8W.`);
    const region = regionAt(request.store.library.areas, place.jurisdiction, place);
    if (!region)
      throw new Fault(404, `${place.name} lies outside the regions of the library, which end at Canada’s southern edge.`);
    return { ...place, region };
  },
);
