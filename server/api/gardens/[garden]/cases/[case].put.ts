import { CaseFields } from '../../../../../core/model/why';
import { updateCase } from '../../../../database/records/cases';
import { mustKnowCase } from '../../../../http/cases';
import { change, withRevision } from '../../../../http/route';

export default change(
  { does: 'Changes a case: an answer, the cause that is acted on, or what came of it.', body: withRevision(CaseFields) },
  (request) => {
    const { db, body, gardenId, here } = request;
    const known = { id: request.param('case'), revision: body.revision };
    updateCase(db, gardenId, known, body.fields, mustKnowCase(here, body.fields));
  },
);
