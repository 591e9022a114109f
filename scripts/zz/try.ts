import { regionalGarden } from '../../core/library/regional-garden';
import { recordsOfNew } from '../../core/garden/from-file';
import { gardenHere } from '../../core/garden/here';
import { readLibrary } from '../reference-files';
import { isoOf, dayNumber } from '../../core/model/days';
import { METHOD_SHORT, refusalWords, quantityWords } from '../../core/words/raise';
import { unitsOf } from '../../core/words/units';
const { library } = readLibrary();
const today = dayNumber('2026-11-25');
const plants = process.argv.slice(3);
for (const region of process.argv[2]!.split(',')) {
  const here = gardenHere(recordsOfNew(regionalGarden(library, region)), library);
  const { raising } = here;
  console.log(
    '##',
    region,
    here.garden.half_zone,
    here.garden.last_frost,
    here.garden.first_frost,
    raising.place.yearClass,
    raising.place.cold,
  );
  for (const p of plants) {
    console.log(p);
    for (const w of raising.waysFor(p, 5, today))
      console.log(
        '  ',
        METHOD_SHORT[w.method].padEnd(18),
        w.refused ? refusalWords(w.refused) : '',
        w.start ? `${isoOf(w.start.from)} ${isoOf(w.start.best)} ${isoOf(w.start.latest)}` : '',
        'fl',
        w.flowers && isoOf(w.flowers),
        w.score.toFixed(0),
        w.cost_minor,
        quantityWords(w, unitsOf('metric')),
        '|',
        w.steps.map((s) => `${s.kind}${s.number ?? ''} ${isoOf(s.from).slice(2)}`).join(', '),
      );
  }
}
