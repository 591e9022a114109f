import { Picture } from '../../../../../core/model/yard';
import { savePicture } from '../../../../database/records/pictures';
import { mustRead } from '../../../../database/records/reading';
import { redrawnUnderlay } from '../../../../pictures/redrawn';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Saves a picture to lie under the drawing.',
    body: Picture.pick({ data: true }),
    answers: 'its id',
    status: 201,
    most: 2_000_000,
  },
  async (request) => {
    const { body, gardenId } = request;
    mustRead(request.db, 'garden', gardenId, gardenId);
    const data = await redrawnUnderlay(body.data, 'data');
    const picture = savePicture(request.db, gardenId, data);
    request.header('Location', `/api/gardens/${gardenId}/pictures/${picture}`);
    return { picture };
  },
);
