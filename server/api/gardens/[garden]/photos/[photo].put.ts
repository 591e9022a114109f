import { PhotoFields } from '../../../../../core/model/log';
import { id } from '../../../../../core/model/fields';
import { Fault } from '../../../../database/faults';
import { savePhoto } from '../../../../database/records/photos';
import { mustRead } from '../../../../database/records/reading';
import { redrawnPhoto } from '../../../../pictures/redrawn';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Saves a photograph under an id that was made where it was taken; one that is there already is left as it is.',
    body: PhotoFields,
    answers: 'its id',
    most: 2_500_000,
  },
  async (request) => {
    const photo = request.param('photo');
    if (!id.safeParse(photo).success) throw new Fault(422, 'An id is up to 64 lower-case letters, digits and hyphens.');
    mustRead(request.db, 'garden', request.gardenId, request.gardenId);
    const sizes = await redrawnPhoto(request.body);
    savePhoto(request.db, request.gardenId, photo, sizes);
    return { photo };
  },
);
