import type { Site } from '~~/core/model/garden';
import type { Point, ThingKind } from '~~/core/model/yard';
import { DRAWN_AS } from '~~/core/place/yard/fresh';
import { areaOf, crossesItself, lengthOf, perimeterOf } from '~~/core/place/yard/geometry';

/** What the pen draws: a thing, a bed or a container. */
export type Tool = ThingKind | Site['kind'];
export const drawnAs = (tool: Tool) => (tool === 'bed' ? 'area' : tool === 'container' ? 'spot' : DRAWN_AS[tool]);

/**
 * The pen of the yard's drawing: corners set one by one until the outline is finished. `finish` hands them over and
 * is refused, with a sentence, while they make no outline. What `done` could not save stays under the pen.
 */
export function useYardPen(done: (tool: Tool, points: Point[]) => Promise<boolean>) {
  const tool = ref<Tool | null>(null);
  const points = ref<Point[]>([]);
  /** Where the next corner would be set. */
  const at = ref<Point>([0, 0]);
  const fault = ref('');

  function take(next: Tool | null) {
    tool.value = next;
    points.value = [];
    fault.value = '';
  }
  function set() {
    if (!tool.value) return;
    fault.value = '';
    const last = points.value.at(-1);
    if (last && last[0] === at.value[0] && last[1] === at.value[1]) return;
    points.value = [...points.value, [...at.value] as Point];
    if (drawnAs(tool.value) === 'spot') finish();
  }
  function back() {
    points.value = points.value.slice(0, -1);
  }
  function finish() {
    if (!tool.value) return;
    const shape = drawnAs(tool.value);
    const first = points.value[0];
    const last = points.value.at(-1);
    // Closing on the first corner sets it a second time.
    if (shape === 'area' && first && last && points.value.length > 3 && first[0] === last[0] && first[1] === last[1]) back();
    const least = shape === 'area' ? 3 : shape === 'line' ? 2 : 1;
    if (points.value.length < least) fault.value = shape === 'area' ? 'An area needs three corners.' : 'A line needs two ends.';
    else if (shape === 'area' && areaOf(points.value) < 0.01) fault.value = 'Those corners lie on one line: set one beside it.';
    else if (shape === 'area' && crossesItself(points.value)) fault.value = 'Its edges cross: take back the last corner.';
    else {
      const drawn = points.value;
      const by = tool.value;
      take(null);
      void done(by, drawn).then((kept) => {
        if (kept || tool.value) return;
        tool.value = by;
        points.value = drawnAs(by) === 'spot' ? [] : drawn;
      });
    }
  }
  /** Metres of what is being drawn, the corner under the pen counted in. */
  const live = computed(() => {
    if (!tool.value || points.value.length === 0) return null;
    const all = [...points.value, at.value];
    return drawnAs(tool.value) === 'area' && all.length >= 3
      ? { area: areaOf(all), length: perimeterOf(all) }
      : { area: null, length: lengthOf(all) };
  });
  return { tool, points, at, fault, live, take, set, back, finish };
}
