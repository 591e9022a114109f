import { getQuery } from 'h3';
import { readPhoto } from '../../../../database/records/photos';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Gives a photograph of a garden.',
    query: { size: '`small` for the one that lies in a strip; left out: as it is looked at.' },
    answers: 'a JPEG',
  },
  (request) => {
    const size = getQuery(request.event).size === 'small' ? 'small' : 'full';
    const bytes = readPhoto(request.db, request.gardenId, request.param('photo'), size);
    request.header('Content-Type', 'image/jpeg');
    // It never changes; whoever looks at it again still has to be let in.
    request.header('Cache-Control', 'private, max-age=31536000, immutable');
    return bytes;
  },
);
