import { GardenFile } from '../../../core/model/garden';
import { checkRows } from '../../../core/library/check';
import { malformed, withOwn } from '../../../core/library/own';
import { Fault } from '../../database/faults';
import { importGarden, readGarden } from '../../database/gardens';
import { mustKnow } from '../../http/names';
import { route } from '../../http/route';

export default route(
  GardenFile,
  ({ db, library: shipped, body }) => {
    body.own.forEach((row, i) => {
      const [first] = Object.values(malformed(row));
      if (first) throw new Fault(422, `${row.key}: ${first}`, { fields: { [`own.${i}`]: first } });
    });
    const library = withOwn(shipped, body.own);
    const [broken] = body.own.length > 0 ? checkRows(library) : [];
    if (broken) throw new Fault(422, `The file’s own rows of the library: ${broken.about}: ${broken.message}`);
    mustKnow(library.regions, body.garden.region, 'garden.region', 'region');
    body.targets.forEach((row, i) => mustKnow(library.targets, row.target, `targets.${i}.target`, 'target'));
    body.plantings.forEach((row, i) => mustKnow(library.plants, row.plant, `plantings.${i}.plant`, 'plant'));
    return readGarden(db, importGarden(db, body));
  },
  4_000_000,
);
