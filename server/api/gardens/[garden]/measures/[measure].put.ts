import { MeasureFields } from '../../../../../core/model/yard';
import { readGarden } from '../../../../database/gardens';
import { updateMeasure } from '../../../../database/survey';
import { route, withRevision } from '../../../../http/route';

export default route(withRevision(MeasureFields), ({ db, body, param }) => {
  updateMeasure(db, param('garden'), param('measure'), body.revision, body.fields);
  return readGarden(db, param('garden'));
});
