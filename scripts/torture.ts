import { disk } from './torture/disk';
import { files } from './torture/files';
import { fuzz } from './torture/fuzz';
import { kills } from './torture/kills';
import type { Outcome } from './torture/report';

/**
 * Five minutes of what should not happen to the built server: kills while it is written to, strange requests to every
 * route, damaged garden files, a full disk. `npm run torture -- [minutes] [seed]`; each ends in one line.
 */
const minutes = Number(process.argv[2] ?? 5);
const seed = Number(process.argv[3] ?? Date.now() % 1_000_000);
const MOST_SHOWN = 10;
let faults = 0;

async function torture(work: () => Promise<Outcome>) {
  const outcome = await work();
  console.log(outcome.line);
  for (const fault of outcome.faults.slice(0, MOST_SHOWN)) console.log(`    ${fault}`);
  faults += outcome.faults.length;
}
const share = (part: number) => Date.now() + minutes * 60_000 * part;
console.log(`Seed ${seed}.`);
await torture(() => kills(share(0.45), seed));
await torture(() => fuzz(share(0.3), seed + 1));
await torture(() => files(share(0.2), seed + 2));
await torture(() => disk(seed + 3));
console.log(faults === 0 ? 'Nothing was lost and nothing broke.' : `${faults} faults.`);
process.exit(faults === 0 ? 0 : 1);
