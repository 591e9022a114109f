import { SeenFields } from '../../../../../core/model/seen';
import { SEEN_WORDS } from '../../../../../core/model/vocabulary';
import { addSeen } from '../../../../database/records/seen';
import { mustKnow } from '../../../../http/names';
import { addition } from '../../../../http/route';

export default addition(
  'seen',
  { does: 'Records a first or last day of bloom or flight.', body: SeenFields },
  ({ db, body, library, gardenId }) => {
    const { common } = body.what.endsWith('bloom')
      ? mustKnow(library.plants, body.of, 'of', 'plant')
      : mustKnow(library.targets, body.of, 'of', 'creature');
    return addSeen(db, gardenId, body, `Record the ${SEEN_WORDS[body.what]} of ${common}`);
  },
);
