import type { StatusHere } from '../model/here';
import type { Plant, Region } from '../model/reference';
import { TRADES, type Trade } from '../model/vocabulary';

/**
 * How a plant can be had in a place. What is stated holds in the broad regions it is stated for; elsewhere it is one step
 * harder. Nurseries of natives sell what is native nearby: of others they hardly ever have it.
 */
export function tradeHere(
  { trade, trade_in }: Pick<Plant, 'trade' | 'trade_in'>,
  { native }: Pick<StatusHere, 'native'>,
  broad: Region['broad'],
): Trade {
  const here = trade_in.length === 0 || trade_in.includes(broad);
  const found = here ? trade : trade === 'common' ? 'native-nurseries' : TRADES.at(-1)!;
  return found === 'native-nurseries' && !native ? 'seldom' : found;
}
