import { dateName } from '~~/core/model/half-month';

/** A moment (ISO) by the calendar and clock of this device: `27 November 2026, 10:23`. */
export function momentName(at: string): string {
  const date = new Date(at);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${dateName(isoDay(date))}, ${two(date.getHours())}:${two(date.getMinutes())}`;
}
