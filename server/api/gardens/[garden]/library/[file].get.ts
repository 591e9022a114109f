import { csvOf } from '../../../../../core/library/csv';
import { OwnRowFields } from '../../../../../core/model/garden';
import { Fault } from '../../../../database/faults';
import { route } from '../../../../http/route';

export default route(
  { does: 'Gives a table of the library as CSV, this garden’s own rows in it.', answers: 'the CSV text' },
  (request) => {
    const file = OwnRowFields.shape.file.safeParse(request.param('file'));
    if (!file.success) throw new Fault(404, `The library has no table “${request.param('file')}”.`);
    request.header('Content-Type', 'text/csv; charset=utf-8');
    return csvOf(request.library, file.data);
  },
);
