import { savePlan } from '../../../../database/records/plans';
import { mustAdmit } from '../../../../http/admission';
import { FurtherPlan } from '../../../../http/bodies';
import { addition } from '../../../../http/route';

export default addition(
  'plans',
  { does: 'Saves a further plan: a copy of the current one without what goes and with what comes.', body: FurtherPlan },
  ({ db, body, here, gardenId }) => {
    mustAdmit(
      here,
      body.plants.map((row) => row.plant),
    );
    return savePlan(db, gardenId, body);
  },
);
