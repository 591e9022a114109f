import { BatchFields } from '../../../../../core/model/raise';
import { addBatch } from '../../../../database/records/batches';
import { mustAdmit } from '../../../../http/admission';
import { nameIn } from '../../../../http/names';
import { addition } from '../../../../http/route';

export default addition(
  'batches',
  { does: 'Starts a batch: seed sown, cuttings stuck or a plant divided.', body: BatchFields },
  ({ db, body, gardenId, here }) => {
    mustAdmit(here, [body.plant]);
    return addBatch(db, gardenId, body, nameIn(here.library.plants)(body.plant));
  },
);
