import { describe, expect, it } from 'vitest';
import { ask, HOST, ONE } from '../../testing/planner';
import { host, plant, planting, type World } from '../../testing/worked-garden';
import { replacementsFor } from './replacements';

describe('what could stand in the place of a planting', () => {
  const world: World = {
    ...ONE,
    plants: [
      ...ONE.plants,
      plant('host2', { ...HOST, id: 'host2', common: 'host2' }),
      plant('shy', { ...HOST, id: 'shy', common: 'shy', trade: 'seldom' }),
      plant('bog', { ...HOST, id: 'bog', common: 'bog', moisture_min: 5, moisture_max: 5 }),
      plant('vast', { ...HOST, id: 'vast', common: 'vast', spacing_cm: 300 }),
    ],
    hosts: ['host', 'host2', 'shy', 'bog', 'vast'].map((id) => host('brown', id)),
  };
  const plan = [planting('h', 'host', 6), planting('w', 'white', 3), planting('b', 'blue', 3)];
  const question = ask(world, {}, { plantings: plan });
  const found = replacementsFor(question, plan, plan[0]!);
  it('serves the same guests on the same ground, what has no drawback first', () => {
    expect(found.map((row) => row.here.plant.id).slice(0, 2)).toEqual(['host2', 'shy']);
    // Six at 0.25 m² are 1.5 m²: six of the other.
    expect(found[0]).toMatchObject({ count: 6, drawbacks: [], change: { opened: [], closed: [] } });
    expect(found[1]!.drawbacks).toEqual(['seldom']);
  });
  it('fits there: neither a bog plant nor one too wide for the ground', () => {
    expect(found.map((row) => row.here.plant.id)).not.toContain('bog');
    expect(found.map((row) => row.here.plant.id)).not.toContain('vast');
  });
  it('says what opens where a flower takes the place of the only other one', () => {
    const thin = [plan[0]!, plan[1]!, plan[2]!];
    const red = replacementsFor({ ...question, plantings: thin }, thin, thin[2]!).find((row) => row.here.plant.id === 'red')!;
    expect(red.change.opened).toEqual([]);
  });
});
