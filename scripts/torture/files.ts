import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { mutated } from './mutate-json';
import { randomFrom } from '../../core/model/random';
import { atLeast, oneOf, type Outcome } from './report';
import { Victim } from './victim';

/** Imports damaged garden files, and looks whether each is refused with a sentence, or is taken and can be read back. */
export async function files(until: number, seed: number, most = Infinity): Promise<Outcome> {
  const random = randomFrom(seed);
  const faults: string[] = [];
  const victim = new Victim();
  let sent = 0;
  let taken = 0;
  try {
    await victim.start();
    const folder = join(process.cwd(), 'demo');
    const whole = readdirSync(folder)
      .filter((name) => name.endsWith('.json'))
      .map((name) => readFileSync(join(folder, name), 'utf8'));
    const gardens = (await victim.ask('GET', '/api/gardens')).json.length;
    const end = atLeast(until);
    while (Date.now() < end && sent < most) {
      const file = mutated(random, JSON.parse(oneOf(random, whole)), 1 + Math.floor(random() * 5));
      const answer = await victim.ask('POST', '/api/garden-files', file);
      sent++;
      if (answer.status >= 500) faults.push(`File ${sent}: ${answer.status} ${answer.text.slice(0, 200)}`);
      if (answer.status >= 400 && !/\w/.test(answer.json?.message ?? ''))
        faults.push(`File ${sent}: ${answer.status} without a sentence`);
      if (answer.status !== 201) continue;
      taken++;
      const garden = `/api/gardens/${answer.json.garden.id}`;
      const out = await victim.ask('GET', `${garden}/export`);
      const again = await victim.ask('POST', '/api/garden-files', out.json);
      if (again.status !== 201) faults.push(`File ${sent} was taken, and is not when it comes back: ${again.text.slice(0, 200)}`);
      for (const { garden: made } of [answer.json, again.json].filter((one) => one?.garden)) {
        await victim.ask('DELETE', `/api/gardens/${made.id}?revision=${made.revision}`);
        await victim.ask('DELETE', `/api/removed/${made.id}`);
      }
    }
    const left = (await victim.ask('GET', '/api/gardens')).json.length;
    if (left !== gardens) faults.push(`There are ${left} gardens, and were ${gardens}.`);
  } catch (error) {
    faults.push(`It could not go on: ${(error as Error).message}`);
  } finally {
    await victim.end();
  }
  return { line: `${sent} damaged garden files, ${taken} of them taken and read back: ${faults.length} faults`, faults };
}
