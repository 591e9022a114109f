import { mustRead } from '../../../../../database/records/reading';
import { pushProbe } from '../../../../../devices/soil-probe';
import { route } from '../../../../../http/route';

export default route(
  { does: 'Reads the simulated soil probe in a bed; nothing is recorded.', answers: 'a reading' },
  (request) => {
    request.header('Cache-Control', 'no-store');
    const site = mustRead(request.db, 'site', request.gardenId, request.param('site'));
    return pushProbe(request.here, site, new Date());
  },
);
