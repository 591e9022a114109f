import { describe, expect, it } from 'vitest';
import { beddedGarden, thing } from '../../testing/layout';
import { plant } from '../../testing/worked-garden';
import { bedHere } from '../../garden/layout-here';
import { frameOf } from './frame';
import { groupsOf } from './groups';

const FLOWER = plant('flower');
const bed = (over: Parameters<typeof beddedGarden>[2]) => bedHere(beddedGarden([6, 2], [[FLOWER, 3]], over), 'bed');

describe('the frame of a bed', () => {
  it('begins at the lower left corner of the box around it', () => {
    expect(
      frameOf({
        area_m2: 6,
        outline: [
          [4, 2],
          [7, 3],
          [5, 6],
        ],
      }),
    ).toEqual({
      outline: [
        [0, 0],
        [3, 1],
        [1, 4],
      ],
      width: 3,
      depth: 4,
      origin: [4, 2],
    });
  });
  it('of a bed that is not drawn is a rectangle of its area, no deeper than arms reach', () => {
    // 10 m²: two metres deep by five long. 40 m²: 2.4 m deep, not four.
    expect(frameOf({ area_m2: 10, outline: [] })).toMatchObject({ width: 5, depth: 2, origin: null });
    expect(frameOf({ area_m2: 40, outline: [] }).depth).toBe(2.4);
  });
});

/** The bed lies at 5 to 11 and 5 to 7. */
describe('from where a bed is looked at', () => {
  it.each<[string, Parameters<typeof beddedGarden>[2], string[]]>([
    [
      'from a path below it',
      {
        things: [
          thing(
            'path',
            'Walk',
            [
              [0, 4.2],
              [20, 4.2],
            ],
            { width_m: 1, paved: true },
          ),
        ],
      },
      ['bottom'],
    ],
    [
      'from the house across the lawn',
      {
        things: [
          thing(
            'building',
            'House',
            [
              [0, 15],
              [20, 15],
              [20, 20],
              [0, 20],
            ],
            { height_m: 5, base_m: 0, lets_through: 0 },
          ),
        ],
      },
      ['top'],
    ],
    [
      'not from the wall it leans on, but from the other sides',
      {
        things: [
          thing(
            'building',
            'House',
            [
              [0, 7.2],
              [20, 7.2],
              [20, 12],
              [0, 12],
            ],
            { height_m: 5, base_m: 0, lets_through: 0 },
          ),
        ],
      },
      ['bottom', 'right', 'left'],
    ],
    [
      'over a low fence',
      {
        things: [
          thing(
            'fence',
            'Lane fence',
            [
              [4, 4.6],
              [12, 4.6],
            ],
            { height_m: 1.1, lets_through: 0.4 },
          ),
        ],
      },
      ['bottom'],
    ],
    [
      'not over a high one',
      {
        things: [
          thing(
            'fence',
            'Screen',
            [
              [4, 4.6],
              [12, 4.6],
            ],
            { height_m: 2, lets_through: 0.4 },
          ),
        ],
      },
      ['right', 'top', 'left'],
    ],
    ['an island from all around', {}, ['bottom', 'right', 'top', 'left']],
  ])('%s', (_, over, sides) => {
    expect(bed(over).seen).toEqual(sides);
  });
  it('as the gardener says, whatever is drawn', () => {
    const layout = {
      manner: null,
      colour: 'any',
      one_colour: false,
      seen_from: ['left'],
      worn: null,
      wetter: null,
      supports: [],
      pattern: 'alternate',
    } as never;
    expect(bed({ bed: { layout } }).seen).toEqual(['left']);
  });
  it('a path along it wears only that side', () => {
    const { sides } = bed({
      things: [
        thing(
          'path',
          'Walk',
          [
            [0, 4.2],
            [20, 4.2],
          ],
          { width_m: 1, paved: true },
        ),
      ],
    });
    expect(sides.filter((row) => row.worn).map((row) => row.side)).toEqual(['bottom']);
  });
});

describe('gradients within a bed', () => {
  const at = (over: Parameters<typeof beddedGarden>[2], x: number, y: number) =>
    beddedGarden([6, 2], [[FLOWER, 3]], over)
      .gradientsOf('bed')
      .at([x, y]);

  it('without a drawing all of it is alike', () => {
    const garden = beddedGarden([6, 2], [[FLOWER, 3]], { bed: { outline: [], sun_h: 5, moisture: 2 } });
    expect(garden.gradientsOf('bed').at([0.2, 0.2])).toEqual({ sun_h: 5, moisture: 2 });
  });
  it('the side found wetter is a step wetter, the other a step drier, the middle as the bed', () => {
    const layout = {
      manner: null,
      colour: 'any',
      one_colour: false,
      seen_from: null,
      worn: null,
      wetter: 'right',
      supports: [],
      pattern: 'alternate',
    } as never;
    const over = { bed: { layout, moisture: 3 } };
    expect(at(over, 6, 1).moisture).toBeCloseTo(4, 1);
    expect(at(over, 0, 1).moisture).toBeCloseTo(2, 1);
    expect(at(over, 3, 1).moisture).toBeCloseTo(3, 1);
  });
  it('a high wall at one end leaves that end less sun, and the figure of the bed is the mean', () => {
    const wall = thing(
      'building',
      'Wall',
      [
        [4, 2],
        [5, 2],
        [5, 9],
        [4, 9],
      ],
      { height_m: 6, base_m: 0, lets_through: 0 },
    );
    const over = { things: [wall] };
    const garden = beddedGarden([6, 2], [[FLOWER, 3]], over);
    const [near, far] = [at(over, 0.3, 1).sun_h, at(over, 5.7, 1).sun_h];
    expect(near).toBeLessThan(far - 1);
    const mean = garden.sites[0]!.sun_h;
    expect(mean).toBeGreaterThan(near);
    expect(mean).toBeLessThan(far);
    // The foot of the wall is out of the rain.
    expect(at(over, 0.1, 1).moisture).toBeLessThan(at(over, 3, 1).moisture);
  });
  it('beside paving it is drier', () => {
    const over = {
      things: [
        thing(
          'path',
          'Walk',
          [
            [0, 4.5],
            [20, 4.5],
          ],
          { width_m: 1, paved: true },
        ),
      ],
    };
    expect(at(over, 3, 0.1).moisture).toBeLessThan(at(over, 3, 1.9).moisture - 0.3);
  });
});

it('plants within reach of one another are one group, hand over hand', () => {
  const spots = [0, 1, 2, 5, 5.5].map((x) => ({ x, y: 0 }));
  expect(groupsOf(spots, 1.2)).toEqual([
    [0, 1, 2],
    [3, 4],
  ]);
});
