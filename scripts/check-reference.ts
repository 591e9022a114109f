import { libraryCounts } from '../core/library/check';
import { basisCounts, priceByRule } from '../core/library/basis';
import { checkLibrary, regionFits, regionTrade } from '../core/match/library-check';
import { halfMonthsInWords } from '../core/model/half-month';
import { BROAD_REGIONS, CONFIDENCES, TRADES } from '../core/model/vocabulary';
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
console.log('what values of plants rest on    known  estimated  default');
for (const [group, { known, estimated, default: left }] of Object.entries(basisCounts(library.plants)))
  console.log(`  ${group.padEnd(28)} ${String(known).padStart(7)} ${String(estimated).padStart(10)} ${String(left).padStart(8)}`);
for (const { id, basis, ...plant } of library.plants)
  if (basis.includes('price:estimated') && plant.price_minor !== priceByRule(plant)) {
    console.error(`plants.csv, ${id}: its price is said to be estimated, and by the rule it is ${priceByRule(plant)}.`);
    process.exitCode = 1;
  }
const tally = (words: readonly string[], of: readonly string[]) =>
  words.map((word) => `${of.filter((one) => one === word).length} ${word}`).join(', ');
console.log(
  `confidence       plants: ${tally(
    CONFIDENCES,
    library.plants.map((row) => row.confidence),
  )}; creatures: ${tally(
    CONFIDENCES,
    library.targets.map((row) => row.confidence),
  )}`,
);
console.log(
  `trade            ${tally(
    TRADES,
    library.plants.map((row) => row.trade),
  )}; bound to some of ${BROAD_REGIONS.length} broad regions: ${library.plants.filter((row) => row.trade_in.length > 0).length}`,
);
const ways = new WayBook(library.propagation);
const several = library.plants.filter((plant) => ways.of(plant).length >= 2).length;
const guesses = library.propagation.filter((row) => row.confidence === 'low').length;
console.log(
  `ways of raising  ${several} plants have two or more; ${share(guesses, library.propagation.length)} of the rows are guesses`,
);
const trade = problems.length === 0 ? regionTrade(library) : [];
console.log('region                    creatures  natives  easy  without a host in trade');
for (const { region, easy, hostless, bare } of trade) {
  const creatures = library.occurrence.filter((row) => row.region === region).length;
  const natives = library.status.filter((row) => row.place === region && row.status === 'native').length;
  console.log(
    `${region.padEnd(25)} ${String(creatures).padStart(9)} ${String(natives).padStart(8)} ${String(easy).padStart(5)}  ${hostless.join(', ')}`,
  );
  if (bare.length > 0) console.error(`In ${region} no native in trade is in bloom in ${halfMonthsInWords(bare)}.`);
  if (hostless.length > SETTINGS.broods.easyWithoutTrade * easy)
    console.error(`In ${region} more than one in ten of the easy creatures has no host in trade.`);
  if (bare.length > 0 || hostless.length > SETTINGS.broods.easyWithoutTrade * easy) process.exitCode = 1;
}
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
