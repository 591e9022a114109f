import { Picture } from '../../../../../core/model/yard';
import { savePicture } from '../../../../database/records/pictures';
import { mustRead } from '../../../../database/records/reading';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Saves a picture to lie under the drawing.',
    body: Picture.pick({ data: true }),
    answers: 'its id',
    status: 201,
    most: 2_000_000,
  },
  (request) => {
    const { db, body, gardenId } = request;
    mustRead(db, 'garden', gardenId, gardenId);
    const picture = savePicture(db, gardenId, body.data);
    request.header('Location', `/api/gardens/${gardenId}/pictures/${picture}`);
    return { picture };
  },
);
