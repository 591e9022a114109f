import { takeProposal } from '../../../../database/records/plans';
import { mustAdmit } from '../../../../http/admission';
import { Taking } from '../../../../http/bodies';
import { change } from '../../../../http/route';

export default change(
  { does: 'Carries a proposal, or a part of one, into the current plan; all or nothing.', body: Taking },
  ({ db, body, here, gardenId }) => {
    mustAdmit(
      here,
      body.plants.map((row) => row.plant),
    );
    takeProposal(db, gardenId, body, new Date().getFullYear());
  },
);
