import { CaseFields } from '../../../../../core/model/why';
import { addCase } from '../../../../database/records/cases';
import { addition } from '../../../../http/route';
import { mustKnowCase } from '../../../../http/cases';

export default addition(
  'cases',
  { does: 'Saves a case: what is seen on a plant or creature, and what was answered.', body: CaseFields },
  ({ db, body, gardenId, here }) => addCase(db, gardenId, body, mustKnowCase(here, body)),
);
