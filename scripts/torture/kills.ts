import { GardenFile } from '../../core/model/garden';
import { randomFrom } from '../../core/model/random';
import { atLeast, type Outcome } from './report';
import { Victim } from './victim';

const GARDEN = '/api/gardens/kettle-pond-commons';
const WRITERS = 3;
/** It is killed so soon (ms) at the earliest, and so much later at the latest. */
const SOONEST = 20;
const SPREAD = 700;

/**
 * Kills the server at random moments while it is written to, some of them while it starts for the first time, and looks
 * whether everything that was acknowledged is there, nothing is there twice, and what is there is whole.
 */
export async function kills(until: number, seed: number): Promise<Outcome> {
  const random = randomFrom(seed);
  const faults: string[] = [];
  const victim = new Victim();
  const acknowledged = new Set<string>();
  let planted = 0;
  let killed = 0;
  let n = 0;
  try {
    // First starts, cut short: whenever it is let run to the end, the demo gardens are there.
    for (let i = 0; i < 4; i++) {
      await victim.begin();
      await new Promise((resolve) => setTimeout(resolve, 200 + random() * 1200));
      await victim.stop();
      killed++;
    }
    await victim.start();
    const gardens = (await victim.ask('GET', '/api/gardens')).json;
    if (gardens.length !== 3) faults.push(`After first starts cut short there are ${gardens.length} gardens.`);
    const { sites } = (await victim.ask('GET', GARDEN)).json;
    const before = countOf((await victim.ask('GET', GARDEN)).json);
    const end = atLeast(until);
    while (Date.now() < end) {
      let running = true;
      const write = async () => {
        while (running) {
          const id = `kill-${seed}-${n++}`;
          const entry = { id, what: 'adult', of: 'danaus-plexippus', on_day: '2026-07-04' };
          const seen = await victim.ask('POST', `${GARDEN}/log`, { entries: [entry] });
          if (seen.status === 200) acknowledged.add(id);
          const planting = { plant: 'zizia-aurea', site_id: sites[n % sites.length].id, count: 1, state: 'planned', planted_year: null, cost_minor: null }; // prettier-ignore
          if ((await victim.ask('POST', `${GARDEN}/plantings`, planting)).status === 201) planted++;
        }
      };
      // What was not answered when it was killed may or may not be there.
      const writers = Array.from({ length: WRITERS }, () => write().catch(() => undefined));
      await new Promise((resolve) => setTimeout(resolve, SOONEST + random() * SPREAD));
      await victim.stop();
      running = false;
      killed++;
      await Promise.all(writers);
      await victim.start();
    }
    const { json: file } = await victim.ask('GET', `${GARDEN}/export`);
    const parsed = GardenFile.safeParse(file);
    if (!parsed.success) faults.push(`The garden's file cannot be read back: ${parsed.error.issues[0]!.message}`);
    const ids: string[] = file.log.map((row: { id: string }) => row.id);
    if (new Set(ids).size !== ids.length) faults.push('An entry of the log is there twice.');
    const there = new Set(ids);
    for (const id of acknowledged) if (!there.has(id)) faults.push(`The entry ${id} was acknowledged and is not there.`);
    const grown = countOf((await victim.ask('GET', GARDEN)).json) - before;
    // Of each kill one planting a writer may have been written without its answer having come.
    if (grown < planted || grown > planted + killed * WRITERS)
      faults.push(`${planted} plants were acknowledged; ${grown} are there.`);
  } catch (error) {
    faults.push(`It could not go on: ${(error as Error).message}`);
  } finally {
    await victim.end();
  }
  return {
    line: `${killed} kills amid ${acknowledged.size} entries and ${planted} plantings acknowledged: ${faults.length} lost or broken`,
    faults,
  };
}

const countOf = ({ plantings }: { plantings: { plant: string; count: number }[] }): number =>
  plantings.filter((row) => row.plant === 'zizia-aurea').reduce((sum, row) => sum + row.count, 0);
