import { MeasureFields } from '../../../../../core/model/yard';
import { addMeasure } from '../../../../database/records/survey';
import { addition } from '../../../../http/route';

const LABELS = { jar: 'a jar test', feel: 'a feel test', hole: 'a hole test', probe: 'a probe reading', watch: 'a watched day' };

export default addition('measures', { does: 'Records a measurement of a bed.', body: MeasureFields }, ({ db, body, gardenId }) =>
  addMeasure(db, gardenId, body, `Record ${LABELS[body.kind]}`),
);
