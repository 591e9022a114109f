import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomFrom } from '../../core/model/random';
import type { Outcome } from './report';
import { Victim } from './victim';

const GARDEN = '/api/gardens/kettle-pond-commons';
const DISK_MB = 40;
/** Left free of the small disk, so that a few writes still fit. */
const LEFT_KB = 400;

/** Mounts a small disk at a folder; false where this may not be done here. */
const mounted = (folder: string) =>
  process.platform === 'linux' &&
  spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', folder], { stdio: 'ignore' }).status === 0;

/** Fills what is left of a disk but a little. */
function fill(folder: string, file: string) {
  const free = Number(spawnSync('df', ['--output=avail', '-k', folder], { encoding: 'utf8' }).stdout.split('\n')[1]);
  writeFileSync(file, Buffer.alloc(Math.max(0, free - LEFT_KB) * 1024));
}

/**
 * Lets the disk run full while the server is written to, and looks whether that is said, nothing acknowledged is lost, and
 * it goes on when there is room again. Only where a small disk may be mounted.
 */
export async function disk(seed: number): Promise<Outcome> {
  const random = randomFrom(seed);
  const folder = mkdtempSync(join(tmpdir(), 'outwash-disk-'));
  if (!mounted(folder)) {
    rmSync(folder, { recursive: true, force: true });
    return { line: 'full disk: not tried, no disk may be mounted here', faults: [] };
  }
  const faults: string[] = [];
  const own = join(folder, 'data');
  mkdirSync(own);
  const victim = new Victim(own);
  const filler = join(folder, 'filler');
  let acknowledged = 0;
  let refused = 0;
  try {
    await victim.start();
    fill(folder, filler);
    const note = 'n'.repeat(450);
    const write = (n: number) =>
      victim.ask('POST', `${GARDEN}/log`, {
        entries: Array.from({ length: 1 + Math.floor(random() * 40) }, (_, i) => ({ id: `full-${n}-${i}`, what: 'adult', of: 'danaus-plexippus', on_day: '2026-07-04', note })), // prettier-ignore
      });
    const ids: string[] = [];
    for (let n = 0; n < 400 && refused < 5; n++) {
      const answer = await write(n);
      if (answer.status === 200) {
        acknowledged++;
        ids.push(`full-${n}-0`);
      } else if (answer.status === 507) refused++;
      else faults.push(`On a full disk: ${answer.status} ${answer.text.slice(0, 200)}`);
    }
    if (refused === 0) faults.push('The disk never ran full.');
    const backup = await victim.ask('POST', '/api/backups');
    if (backup.status !== 507) faults.push(`A backup on a full disk: ${backup.status}`);
    await victim.stop('SIGKILL');
    rmSync(filler);
    await victim.start();
    const log = (await victim.ask('GET', `${GARDEN}/export`)).json.log.map((row: { id: string }) => row.id);
    for (const id of ids) if (!log.includes(id)) faults.push(`The entry ${id} was acknowledged and is not there.`);
    const after = await write(9999);
    if (after.status !== 200) faults.push(`With room again: ${after.status} ${after.text.slice(0, 200)}`);
  } catch (error) {
    faults.push(`It could not go on: ${(error as Error).message}`);
  } finally {
    await victim.end();
    spawnSync('umount', [folder], { stdio: 'ignore' });
    rmSync(folder, { recursive: true, force: true });
  }
  return {
    line: `full disk: ${acknowledged} changes acknowledged, ${refused} refused with 507: ${faults.length} faults`,
    faults,
  };
}
