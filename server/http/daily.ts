import { dailyRound } from '../database/backups/backups';
import { Fault, databaseFault } from '../database/faults';
import { useStore } from '../database/open';
import { log } from './log';

/** Why the last daily backup was not made; empty where it was. */
let fault = '';
export const dailyFault = (): string => fault;

/** Does what is done once a day, if it was not done yet. A failure is logged, and shown beside the backups. */
export async function goRound() {
  try {
    await dailyRound(useStore());
    fault = '';
  } catch (error) {
    const known = error instanceof Fault ? error : databaseFault(error);
    fault = known?.message ?? `The daily backup could not be made: ${(error as Error).message}`;
    log.error({ error }, fault);
  }
}
