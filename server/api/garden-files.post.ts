import { checkRows } from '../../core/library/check';
import { withOwn } from '../../core/library/own';
import { GardenFile } from '../../core/model/garden';
import { backUpBeforeImport } from '../database/backups/backups';
import { Fault } from '../database/faults';
import { importGarden } from '../database/records/garden-file';
import { readGarden } from '../database/records/reading';
import { readShelf } from '../database/shelf';
import { mustKnow } from '../http/names';
import { mustBeFormed } from '../http/own-rows';
import { route } from '../http/route';
import { withPicturesRedrawn } from '../pictures/redrawn';

export default route(
  {
    does: 'Imports a garden from its file as a new garden, beside one of the same name.',
    body: GardenFile,
    answers: 'the new garden',
    status: 201,
    // Years of photographs come with it.
    most: 400_000_000,
  },
  async (request) => {
    const { store, body } = request;
    mustBeFormed(body.own, 'own');
    const library = withOwn(store.library, body.own);
    const [broken] = body.own.length > 0 ? checkRows(library) : [];
    if (broken) throw new Fault(422, `The file’s own rows of the library: ${broken.about}: ${broken.message}`);
    mustKnow(library.regions, body.garden.region, 'garden.region', 'region');
    body.targets.forEach((row, i) => mustKnow(library.targets, row.target, `targets.${i}.target`, 'target'));
    body.plantings.forEach((row, i) => mustKnow(library.plants, row.plant, `plantings.${i}.plant`, 'plant'));
    // What the shelf here says alike is not said again.
    const shelf = new Map(readShelf(request.db).map((row) => [`${row.file} ${row.key}`, JSON.stringify(row.cells)]));
    const own = body.own.filter((row) => shelf.get(`${row.file} ${row.key}`) !== JSON.stringify(row.cells));
    const file = await withPicturesRedrawn(body);
    await backUpBeforeImport(store);
    const id = importGarden(request.db, { ...file, own });
    request.header('Location', `/api/gardens/${id}`);
    return readGarden(request.db, id);
  },
);
