import { libraryCounts } from '../core/library/check';
import { checkLibrary } from '../core/match/library-check';
import { readLibrary } from './reference-files';

const { library, problems } = readLibrary();
for (const { file, row, column, message } of problems) console.error(`${file} row ${row}, ${column}: ${message}`);
const contradictions = problems.length === 0 ? checkLibrary(library) : [];
for (const { file, about, message } of contradictions) console.error(`${file}, ${about}: ${message}`);
const counts = libraryCounts(library);
for (const [what, count] of Object.entries(counts)) console.log(`${what.padEnd(16)} ${count}`);
const listed = counts.nativeRows + counts.introducedRows + counts.listedRows;
const share = (part: number, whole: number) => `${((100 * part) / whole).toFixed(0)} %`;
console.log(
  `of the statuses  ${share(counts.nativeRows, listed)} native, ${share(counts.introducedRows, listed)} introduced, ${share(counts.listedRows, listed)} listed`,
);
console.log(`low confidence   ${share(counts.lowConfidence, counts.plants + counts.targets)} of plants and targets`);
if (problems.length + contradictions.length > 0) {
  console.error(`The reference library has ${problems.length + contradictions.length} faults.`);
  process.exit(1);
}
console.log('The reference library is sound.');
