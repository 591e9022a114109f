import { PlantingFields } from '../../../../../core/model/garden';
import { addPlanting } from '../../../../database/records/plantings';
import { mustAdmit } from '../../../../http/admission';
import { nameIn } from '../../../../http/names';
import { addition } from '../../../../http/route';

export default addition(
  'plantings',
  { does: 'Adds plants to the current plan, to a planned planting of the same kind where there is one.', body: PlantingFields },
  ({ db, body, here, gardenId }) => {
    mustAdmit(here, [body.plant]);
    return addPlanting(db, gardenId, body, nameIn(here.library.plants));
  },
);
