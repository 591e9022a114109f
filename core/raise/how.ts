import { isSeedMethod, type Way } from '../library/ways';
import { SETTINGS } from '../settings';
import { containerOf } from './quantity';
import type { StepKind } from './steps';

const PREPARES = {
  scarify: 'Scratch each seed between two sheets of sandpaper until the coat is dull',
  'hot-water': 'Pour water just off the boil over the seed and let it cool and stand overnight',
  soak: 'Soak the seed overnight; sow what has sunk',
  fresh: 'Sow it fresh: do not let it dry out',
  double: '',
} as const;

const deep = (depth_mm: number) => `${depth_mm / 10} cm deep`;

/** How seed of a way is sown. */
function sowing({ row, method }: Way): string[] {
  const { depth_mm, warmth_c, beside } = row;
  const container = containerOf({ row, method });
  const where =
    method === 'winter-container'
      ? container === 'deep-pot'
        ? 'One to a deep pot with holes, outdoors, wire mesh over it against mice and squirrels'
        : 'A clear container with a lid, holes below and above, two thirds full of wet mix; outdoors, out of the afternoon sun'
      : method === 'autumn-in-place' || method === 'spring-in-place'
        ? 'Clear the ground of weeds and rake it fine'
        : container === 'deep-pot'
          ? 'One to a deep pot of moist seed mix'
          : 'Two seeds to a cell, in moist seed mix; the weaker one comes out later';
  return [
    ...row.treatment.map((treatment) => PREPARES[treatment]).filter(Boolean),
    ...(beside ? [`Beside ${beside}, in the same pot or within a hand of it: it lives on its root`] : []),
    where,
    depth_mm === 0 ? 'Press it in and leave it uncovered: it wants light' : `Cover it ${deep(depth_mm ?? 5)}`,
    ...(isIndoors(method) && warmth_c !== null ? [`Keep it at about ${warmth_c} °C`] : []),
    method.endsWith('in-place') ? 'Mark the edges and label it: the seedlings look like weeds' : 'Label it with name and date',
  ];
}
const isIndoors = (method: string) => method === 'indoors' || method === 'chilled-indoors';

function cutting({ row, method }: Way): string[] {
  const { nodes, nodes_below, leaves, warmth_c, wood } = row;
  return [
    wood
      ? `Cut ${wood}`
      : method === 'root-cutting'
        ? 'Lift the edge of the plant and cut roots as thick as a pencil'
        : 'Cut in the morning, from a plant that is not dry',
    ...(nodes
      ? [
          `${nodes} ${nodes === 1 ? 'node' : 'nodes'} long${nodes_below ? `, ${nodes_below} of them below the surface` : ''}, the right way up`,
        ]
      : []),
    ...(leaves === null ? [] : [leaves === 0 ? 'No leaves' : `Leave ${leaves} leaves above, none below the surface`]),
    method === 'hardwood'
      ? 'In a slit trench with sand in its foot, two thirds below, a hand apart'
      : 'In a pot of half grit, half mix, under a clear cover in bright shade, moist and not wet',
    ...(warmth_c !== null && method !== 'hardwood' ? [`Warmth from below, about ${warmth_c} °C, helps`] : []),
    'Label them with name and date',
  ];
}

/** What is done in a step, and why on these days. The row's own words come before what is usual. */
export function howOf(way: Way | null, kind: StepKind): { steps: string[]; why: string } {
  const own = way?.row.how ? way.row.how.split('|') : [];
  const fails = way?.row.fails ?? '';
  const { fridge_c } = SETTINGS.raise;
  switch (kind) {
    case 'buy':
      return {
        steps: ['True to its name, untreated, of this year’s or last year’s harvest', 'Ask how many seeds a packet holds'],
        why: 'In time for what is done to it before it is sown.',
      };
    case 'warm':
      return {
        steps: ['In damp sand in a bag, at room temperature, looked at every two weeks'],
        why: 'This seed wants warmth before the cold.',
      };
    case 'chill':
      return {
        steps: [
          `In damp sand in a bag in the refrigerator at ${way?.row.chill_c ?? fridge_c} °C, labelled`,
          'Look every two weeks: what sprouts is sown at once, what moulds is rinsed',
        ],
        why: 'Without cold and damp it sleeps on.',
      };
    case 'sow':
      return { steps: [...(way ? sowing(way) : []), ...own], why: fails || 'Counted from the frosts and the winter here.' };
    case 'cut':
      return { steps: [...(way ? cutting(way) : []), ...own], why: fails || 'Its shoots are right for it in these weeks.' };
    case 'divide':
      return {
        steps:
          own.length > 0
            ? own
            : [
                'Water it the day before; lift the whole clump',
                'Part it with two forks or a knife into pieces with roots and three shoots',
                'Replant one in its place at the same depth, the others at once where they go, and water in',
              ],
        why: fails || 'In these weeks it roots again soonest.',
      };
    case 'layer':
      return {
        steps:
          own.length > 0
            ? own
            : ['Bend a low shoot down, wound it below a node, pin it and cover it with a finger of soil', 'Keep it moist'],
        why: fails || 'It roots while the mother feeds it.',
      };
    case 'look':
      return way && isSeedMethod(way.method)
        ? {
            steps: ['Count what is up; moist, not wet', 'Pull out what moulds; open the lid by a finger as it grows warm'],
            why: 'What came up is written down with the batch.',
          }
        : {
            steps: ['Count what has roots: it resists a gentle pull', 'Take out what is brown; moist, not wet'],
            why: 'What rooted is written down with the batch.',
          };
    case 'prick-out':
      return {
        steps: [
          'When it has its first true leaves: hold it by a leaf, never by the stem',
          'One to a pot, as deep as its seed leaves, watered from below; shade for two days',
        ],
        why: 'Before the roots grow into each other.',
      };
    case 'pot':
      return {
        steps: ['One to a pot of gritty mix, at the same depth', 'Shade for a week; pinch it when it grows'],
        why: 'When roots show below.',
      };
    case 'sever':
      return {
        steps: ['Cut it from its mother when it resists a pull; leave it two weeks to stand by itself, then lift it'],
        why: 'It has roots of its own then.',
      };
    case 'thin':
      return {
        steps: [
          'Thin to the distance of the plan; what is taken out can be set elsewhere',
          'Weed round the labels; water in dry weeks',
        ],
        why: 'The seedlings look like weeds: what is not labelled is pulled.',
      };
    case 'winter':
      return {
        steps: [
          'Pots sunk in the ground or set close together against a north wall, wire mesh over them; not dry',
          'What is tender stands bright and frost-free',
        ],
        why: 'It is too late to root in the open before the cold.',
      };
    case 'harden':
      return {
        steps: ['Outdoors in shade by day, from an hour to all day, in by night; then out by night above the nights it bears'],
        why: 'Leaf grown indoors burns in one day’s sun and wind.',
      };
    case 'plant-out':
      return {
        steps: ['As the planting day says: hole, depth, basin, mulch off the stems', 'Label it and write down how many'],
        why: 'From now it has the weeks it needs to root.',
      };
    case 'flower':
      return { steps: [], why: '' };
  }
}
