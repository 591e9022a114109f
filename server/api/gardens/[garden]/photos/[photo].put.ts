import { PhotoFields } from '../../../../../core/model/log';
import { id } from '../../../../../core/model/fields';
import { Fault } from '../../../../database/faults';
import { savePhoto } from '../../../../database/records/photos';
import { route } from '../../../../http/route';

export default route(
  {
    does: 'Saves a photograph under an id that was made where it was taken; one that is there already is left as it is.',
    body: PhotoFields,
    answers: 'its id',
    most: 2_500_000,
  },
  (request) => {
    const photo = request.param('photo');
    if (!id.safeParse(photo).success) throw new Fault(422, 'An id is up to 64 lower-case letters, digits and hyphens.');
    savePhoto(request.db, request.gardenId, photo, request.body);
    return { photo };
  },
);
