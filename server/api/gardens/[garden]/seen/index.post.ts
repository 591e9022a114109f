import { SEEN_WORDS, SeenFields } from '../../../../../core/model/seen';
import { readGarden } from '../../../../database/gardens';
import { addSeen } from '../../../../database/seen';
import { gardenLibrary } from '../../../../http/garden-library';
import { mustKnow } from '../../../../http/names';
import { route } from '../../../../http/route';

export default route(SeenFields, ({ body, param, ...store }) => {
  const library = gardenLibrary(store, param('garden'));
  const { common } = body.what.endsWith('bloom')
    ? mustKnow(library.plants, body.of, 'of', 'plant')
    : mustKnow(library.targets, body.of, 'of', 'creature');
  addSeen(store.db, param('garden'), body, `Write down the ${SEEN_WORDS[body.what]} of ${common}`);
  return readGarden(store.db, param('garden'));
});
