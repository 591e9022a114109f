import { publishedRoutes } from '../published/routes';
import { GardenFile } from '../../core/model/garden';
import { mutated, STRANGE } from './mutate-json';
import { randomFrom } from '../../core/model/random';
import { atLeast, oneOf, type Outcome, type Random } from './report';
import { Victim } from './victim';

/** What stands for the parts of an address: what is there, what is not, and what cannot be. */
const PARTS = [
  'kettle-pond-commons',
  'juniper-wash',
  'nowhere',
  '-',
  '..',
  '%2e%2e',
  '%00',
  '%F0%9F%8C%BC',
  'a'.repeat(300),
  '%',
];
const QUERIES = [
  '',
  '?since=0',
  '?since=-1',
  '?since=x',
  '?since=1e99',
  '?revision=0',
  '?revision=NaN',
  '?size=huge',
  '?on=2026-02-30',
];
const HEADERS: Record<string, string>[] = [
  {},
  { 'content-type': 'text/plain' },
  { 'accept-encoding': 'br;q=x, gzip;;' },
  { origin: 'null' },
  { host: 'elsewhere.example' },
  { cookie: 'outwash-session=%%%' },
];
/** So many send at the same time. */
const ATTACKERS = 4;
/** Setting a passphrase would keep the rest of the torture out. */
const LEFT_OUT = new Set(['/api/access/passphrase']);

/** A body: something of the right shape that was damaged, something strange, or no JSON at all. */
function bodyOf(random: Random, samples: unknown[]): unknown {
  if (random() < 0.1) return oneOf(random, ['{', '', 'null', '[]', '"', '{"a":1e999}', '\u0000', `[${'['.repeat(5000)}`]);
  const base = structuredClone(oneOf(random, samples));
  return mutated(random, base, 1 + Math.floor(random() * 4));
}

/** Sends every route what it does not expect, and looks whether each is answered with a sentence and the gardens stay whole. */
export async function fuzz(until: number, seed: number): Promise<Outcome> {
  const random = randomFrom(seed);
  const faults: string[] = [];
  const victim = new Victim();
  const counts = new Map<number, number>();
  let sent = 0;
  try {
    await victim.start();
    const routes = (await publishedRoutes(process.cwd())).filter(({ path }) => !LEFT_OUT.has(path));
    const garden = (await victim.ask('GET', '/api/gardens/kettle-pond-commons')).json;
    const fields = ({ id: _, revision, ...rest }: { id: string; revision: number }) => ({ revision, fields: rest });
    const samples: unknown[] = [
      fields(garden.garden),
      fields(garden.sites[0]),
      fields(garden.plantings[0]),
      garden.sites[0],
      garden.plantings[0],
      garden.targets[0],
      garden.things,
      { entries: [{ id: 'x', what: 'adult', of: 'danaus-plexippus', on_day: '2026-07-04' }] },
      { label: 'x', out: [], features: [], plants: [{ plant: 'zizia-aurea', site_id: garden.sites[0].id, count: 2 }] },
      { entry: 1 },
      { name: 'Further', out: [], plants: [] },
      { rows: [{ file: 'plants.csv', key: 'zizia-aurea', cells: { spacing_cm: '50' } }], label: 'x', day: '2026-05-01' },
      { data: 'data:image/png;base64,AAAA' },
      { passphrase: 'never the right one' },
      ...STRANGE,
    ];
    const ids = [garden.sites[0].id, garden.plantings[0].id, garden.plans[0].id, garden.targets[0].id];
    const end = atLeast(until);
    let dead = false;
    const attack = async () => {
      while (Date.now() < end && !dead) {
        const { method, path } = oneOf(random, routes);
        const address = path.replace(/\{(\w+)\}/g, () => oneOf(random, [...PARTS, ...ids])) + oneOf(random, QUERIES);
        const headers = random() < 0.15 ? oneOf(random, HEADERS) : {};
        sent++;
        let status: number;
        try {
          const answer = await victim.ask(
            method.toUpperCase(),
            address,
            method === 'get' ? undefined : bodyOf(random, samples),
            headers,
          );
          ({ status } = answer);
          if (status >= 500) faults.push(`${method} ${address}: ${status} ${answer.text.slice(0, 200)}`);
          if (status >= 400 && !/\w/.test(answer.json?.message ?? ''))
            faults.push(`${method} ${address}: ${status} without a sentence`);
        } catch (error) {
          // The client itself refuses some of what is sent; a server that no longer answers is another matter.
          status = 0;
          if (
            !(await victim.ask('GET', '/api/health').then(
              (health) => health.status === 200,
              () => false,
            ))
          ) {
            faults.push(`${method} ${address}: the server answers no more (${(error as Error).message})`);
            dead = true;
          }
        }
        counts.set(status, (counts.get(status) ?? 0) + 1);
      }
    };
    await Promise.all(Array.from({ length: ATTACKERS }, attack));
    for (const { id } of (await victim.ask('GET', '/api/gardens')).json) {
      const file = GardenFile.safeParse((await victim.ask('GET', `/api/gardens/${id}/export`)).json);
      if (!file.success) faults.push(`The file of ${id} cannot be read back: ${file.error.issues[0]!.message}`);
    }
  } catch (error) {
    faults.push(`It could not go on: ${(error as Error).message}`);
  } finally {
    await victim.end();
  }
  const said = [...counts].sort(([a], [b]) => a - b).map(([status, count]) => `${status === 0 ? 'not sent' : status}: ${count}`);
  return { line: `${sent} strange requests to every route (${said.join(', ')}): ${faults.length} faults`, faults };
}
