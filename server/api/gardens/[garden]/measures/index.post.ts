import { MeasureFields } from '../../../../../core/model/yard';
import { readGarden } from '../../../../database/gardens';
import { addMeasure } from '../../../../database/survey';
import { route } from '../../../../http/route';

const LABELS = { jar: 'a jar test', feel: 'a feel test', hole: 'a hole test', probe: 'a probe reading', watch: 'a watched day' };

export default route(MeasureFields, ({ db, body, param }) => {
  addMeasure(db, param('garden'), body, `Write down ${LABELS[body.kind]}`);
  return readGarden(db, param('garden'));
});
