import { PlantingFields } from '../../../../../core/model/garden';
import { updatePlanting } from '../../../../database/records/plantings';
import { mustAdmit } from '../../../../http/admission';
import { mustKnow, nameIn } from '../../../../http/names';
import { change, withRevision } from '../../../../http/route';

export default change({ does: 'Changes a planting.', body: withRevision(PlantingFields) }, (request) => {
  const { db, body, here, gardenId } = request;
  const id = request.param('planting');
  mustKnow(here.library.plants, body.fields.plant, 'plant', 'plant');
  // What grows there already may stay, whatever a gate says of it now.
  if (here.records.plantings.find((row) => row.id === id)?.plant !== body.fields.plant) mustAdmit(here, [body.fields.plant]);
  updatePlanting(db, gardenId, { id, revision: body.revision }, body.fields, nameIn(here.library.plants));
});
