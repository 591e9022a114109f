import { WorkFields } from '../../../../../core/model/work';
import { addWork } from '../../../../database/records/work';
import { mustRead } from '../../../../database/records/reading';
import { addition } from '../../../../http/route';

const SAID = { done: 'Tick off a task', skipped: 'Skip a task', 'put-off': 'Put a task off', own: 'Add a task' } as const;

export default addition(
  'work',
  { does: 'Writes down a task as done, skipped or put off, or a task of one’s own.', body: WorkFields },
  ({ db, body, gardenId }) => {
    if (body.site_id !== null) mustRead(db, 'site', gardenId, body.site_id);
    return addWork(db, gardenId, body, body.what === 'own' ? `Add “${body.title}”` : SAID[body.what]);
  },
);
