import { readPicture } from '../../../../database/pictures';
import { route } from '../../../../http/route';

export default route(null, ({ db, param }) => ({ data: readPicture(db, param('garden'), param('picture')) }));
