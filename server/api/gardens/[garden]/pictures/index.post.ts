import { Picture } from '../../../../../core/model/yard';
import { mustRead } from '../../../../database/gardens';
import { keepPicture } from '../../../../database/pictures';
import { route } from '../../../../http/route';

export default route(
  Picture.pick({ data: true }),
  ({ db, body, param }) => {
    mustRead(db, 'garden', param('garden'), param('garden'), 'garden');
    return { picture: keepPicture(db, param('garden'), body.data) };
  },
  2_000_000,
);
