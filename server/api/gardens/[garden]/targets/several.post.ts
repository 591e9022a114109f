import { z } from 'zod';
import { TargetFields } from '../../../../../core/model/garden';
import { addTargets } from '../../../../database/records/targets';
import { mustKnow, nameIn } from '../../../../http/names';
import { change } from '../../../../http/route';

const Several = z.object({
  targets: z.array(TargetFields).min(1, 'Choose somebody.').max(200, 'Choose no more than 200 at once.'),
});

export default change(
  { does: 'Chooses several targets as one change; those chosen already stay as they are.', body: Several },
  ({ db, body, library, gardenId }) => {
    body.targets.forEach((row, i) => mustKnow(library.targets, row.target, `targets.${i}.target`, 'target'));
    addTargets(db, gardenId, body.targets, nameIn(library.targets));
  },
);
