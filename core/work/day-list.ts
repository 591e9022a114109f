import type { DayNumber } from '../model/days';
import type { Point } from '../model/yard';
import type { TaskAction } from './task';
import type { TaskOn } from './standing';

/** What is lost where a task is not done today: life cycles, plants, and how soon its window closes. */
export interface Loss {
  cycles: number;
  plants: number;
  /** Days that its window stays open after today; Infinity where it does not close soon. */
  closes_d: number;
}

/** What keeps plants alive: put off, they are lost. */
const KEEPS: ReadonlySet<TaskAction> = new Set(['bring-in', 'protect', 'water', 'plant']);

/** What is lost by putting a task off. */
export function lossOf(task: TaskOn, today: DayNumber): Loss {
  const closes = task.until - today;
  const keeps = KEEPS.has(task.action) && (task.action !== 'plant' || closes < 7);
  return {
    cycles: keeps ? task.holds.length : 0,
    plants: keeps ? task.plants.reduce((sum, row) => sum + row.count, 0) : 0,
    closes_d: closes < 7 ? Math.max(0, closes) : Infinity,
  };
}

/** A day's list: what is done in the time there is, in the order of the walk, and what is put off, the worst loss first. */
export interface DayList {
  doing: TaskOn[];
  minutes: number;
  putOff: { task: TaskOn; loss: Loss }[];
}

/** Steps between what counts more and what counts less: whatever is lost of the lesser never outweighs the greater. */
const CYCLE = 1e9;
const PLANT = 1e5;
const CLOSING = 1e2;

const worthOf = ({ cycles, plants, closes_d }: Loss) =>
  cycles * CYCLE + Math.min(plants, 9_999) * PLANT + (Number.isFinite(closes_d) ? (8 - closes_d) * CLOSING : 0) + 1;

/**
 * The tasks that fit into so many minutes and lose least by what is left: first life cycles, then plants, then windows that
 * close; found exactly, minute by minute. Done in the order of the walk from bed to bed, each the nearest to the one before.
 */
export function dayList(
  tasks: readonly TaskOn[],
  minutes: number,
  today: DayNumber,
  middles: ReadonlyMap<string, Point>,
): DayList {
  const most = Math.max(0, Math.floor(minutes));
  const losses = tasks.map((task) => lossOf(task, today));
  const takes = tasks.map((task) => Math.max(1, Math.ceil(task.minutes)));
  // best[m]: the most that is kept in m minutes with the tasks so far; taken[i][m]: whether task i is among them.
  const best = new Float64Array(most + 1);
  const taken = tasks.map(() => new Uint8Array(most + 1));
  tasks.forEach((_, i) => {
    const worth = worthOf(losses[i]!);
    for (let m = most; m >= takes[i]!; m--) {
      const with_ = best[m - takes[i]!]! + worth;
      if (with_ > best[m]!) {
        best[m] = with_;
        taken[i]![m] = 1;
      }
    }
  });
  const doing: TaskOn[] = [];
  const putOff: DayList['putOff'] = [];
  let left = most;
  for (let i = tasks.length - 1; i >= 0; i--) {
    if (taken[i]![left]) {
      doing.push(tasks[i]!);
      left -= takes[i]!;
    } else putOff.push({ task: tasks[i]!, loss: losses[i]! });
  }
  putOff.sort((a, b) => worthOf(b.loss) - worthOf(a.loss));
  return { doing: walked(doing.reverse(), middles), minutes: doing.reduce((sum, task) => sum + task.minutes, 0), putOff };
}

/** Tasks in the order of a walk: all of a bed together, then those of the nearest bed; what has no place first. */
export function walked<T extends { site_id: string | null }>(tasks: readonly T[], middles: ReadonlyMap<string, Point>): T[] {
  const sites = [...new Set(tasks.map((task) => task.site_id))];
  const drawn = sites.filter((site): site is string => site !== null && middles.has(site));
  const order = sites.filter((site) => site === null || !middles.has(site));
  let at = drawn.shift();
  while (at !== undefined) {
    order.push(at);
    const here = middles.get(at)!;
    drawn.sort((a, b) => apart(here, middles.get(a)!) - apart(here, middles.get(b)!));
    at = drawn.shift();
  }
  return order.flatMap((site) => tasks.filter((task) => task.site_id === site));
}

const apart = ([ax, ay]: Point, [bx, by]: Point) => Math.hypot(ax - bx, ay - by);
