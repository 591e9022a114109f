import { libraryCounts } from '../core/library/check';
import { checkLibrary, regionFits } from '../core/match/library-check';
import { WayBook } from '../core/library/ways';
import { checkCare } from '../core/work/care-check';
import { SETTINGS } from '../core/settings';
import { readLibrary } from './reference-files';

const { library, problems } = readLibrary();
for (const { file, row, column, message } of problems) console.error(`${file} row ${row}, ${column}: ${message}`);
const rowFaults = problems.length === 0 ? checkLibrary(library) : [];
const contradictions = problems.length === 0 && rowFaults.length === 0 ? checkCare(library) : rowFaults;
for (const { file, about, message } of contradictions) console.error(`${file}, ${about}: ${message}`);
const counts = libraryCounts(library);
for (const [what, count] of Object.entries(counts)) console.log(`${what.padEnd(16)} ${count}`);
const listed = counts.nativeRows + counts.introducedRows + counts.listedRows;
const share = (part: number, whole: number) => `${((100 * part) / whole).toFixed(0)} %`;
console.log(
  `of the statuses  ${share(counts.nativeRows, listed)} native, ${share(counts.introducedRows, listed)} introduced, ${share(counts.listedRows, listed)} listed`,
);
console.log(`low confidence   ${share(counts.lowConfidence, counts.plants + counts.targets)} of plants and targets`);
const ways = new WayBook(library.propagation);
const several = library.plants.filter((plant) => ways.of(plant).length >= 2).length;
const guesses = library.propagation.filter((row) => row.confidence === 'low').length;
console.log(
  `ways of raising  ${several} plants have two or more; ${share(guesses, library.propagation.length)} of the rows are guesses`,
);
const fits = problems.length === 0 ? regionFits(library) : [];
console.log('region                    populations  unexplained  bloom length');
for (const { region, populations, unexplained, bloomLength } of fits)
  console.log(
    `${region.padEnd(25)} ${String(populations).padStart(11)} ${String(unexplained.length).padStart(12)} ${bloomLength.toFixed(2).padStart(13)}`,
  );
for (const { region, fewer } of fits)
  for (const { target, stated, broods } of fewer)
    console.log(`${target} in ${region}: ${stated} broods stated, heat for ${broods}`);
const populations = fits.reduce((sum, row) => sum + row.populations, 0);
const unexplained = fits.flatMap((row) => row.unexplained);
for (const { target, region, lastBefore_d, firstAfter_d } of unexplained)
  console.log(
    `${target} in ${region}: ${[
      lastBefore_d === null ? '' : `last larvae ${lastBefore_d} days before the last laying adult`,
      firstAfter_d === null ? '' : `first larvae ${firstAfter_d} days after the first`,
    ]
      .filter(Boolean)
      .join(', ')}`,
  );
console.log(
  `larvae explained by flight and heat in ${populations - unexplained.length} of ${populations} populations of two broods or more`,
);
if (unexplained.length > SETTINGS.broods.believed.share * populations) {
  console.error(`More than ${100 * SETTINGS.broods.believed.share} % of the populations are not explained.`);
  process.exit(1);
}
const [shortest, longest] = SETTINGS.climate.lengthKept;
for (const { region, bloomLength } of fits)
  if (bloomLength < shortest || bloomLength > longest) {
    console.error(`In ${region} bloom does not keep its length: ${bloomLength.toFixed(2)}, not ${shortest} to ${longest}.`);
    process.exit(1);
  }
if (problems.length + contradictions.length > 0) {
  console.error(`The reference library has ${problems.length + contradictions.length} faults.`);
  process.exit(1);
}
console.log('The reference library is sound.');
