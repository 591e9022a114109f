import { readPicture } from '../../../../database/records/pictures';
import { mustRead } from '../../../../database/records/reading';
import { route } from '../../../../http/route';

export default route({ does: 'Gives a picture of a garden.', answers: 'its data URL' }, (request) => {
  mustRead(request.db, 'garden', request.gardenId, request.gardenId);
  return { data: readPicture(request.db, request.gardenId, request.param('picture')) };
});
