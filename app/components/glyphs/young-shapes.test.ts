import { describe, expect, it } from 'vitest';
import { parseGlyph } from '~~/core/model/glyph';
import { readLibrary } from '../../../scripts/reference-files';
import { EGGS, eggOf, LARVA_BODIES, larvaBody, PUPAE, pupaOf } from './young-shapes';

const { targets } = readLibrary().library;
const insects = targets.filter((row) => row.kind !== 'hummingbird');
const glyphOf = (row: (typeof targets)[number]) => {
  const glyph = parseGlyph(row.glyph);
  if ('problem' in glyph) throw new Error(glyph.problem);
  return glyph;
};

describe('the early stages of every butterfly and moth', () => {
  it('have their own shades', () => {
    for (const row of insects)
      expect(Object.keys(glyphOf(row)), row.id).toEqual(expect.arrayContaining(['egg', 'larva', 'pupa', 'pupa2']));
  });
  it.each([
    ['papilio-polyxenes', 'globe', 'swollen', 'slung'],
    ['phoebis-sennae', 'spindle', 'slim', 'pointed'],
    ['strymon-melinus', 'cake', 'slug', 'pellet'],
    ['danaus-plexippus', 'barrel', 'plain', 'lantern'],
    ['dione-vanillae', 'barrel', 'plain', 'leaf'],
    ['vanessa-atalanta', 'barrel', 'plain', 'hung'],
    ['epargyreus-clarus', 'dome', 'necked', 'smooth'],
    ['manduca-sexta', 'globe', 'stout', 'smooth'],
    ['actias-luna', 'disc', 'humped', 'cocoon'],
    ['eacles-imperialis', 'disc', 'humped', 'smooth'],
  ] as const)('%s: a %s, %s and %s', (id, egg, body, pupa) => {
    const row = targets.find((one) => one.id === id)!;
    expect([eggOf(row), larvaBody(row), pupaOf(row)]).toEqual([EGGS[egg], LARVA_BODIES[body], PUPAE[pupa]]);
  });
});

describe('drawings told apart', () => {
  it('no two creatures are drawn alike', () => {
    // The egg and the chrysalis follow the family: the adult and the caterpillar must not.
    const drawn = targets.map((row) => row.glyph.replace(/\|(egg|pupa|pupa2):#[0-9a-f]{6}/g, ''));
    expect(new Set(drawn).size).toBe(targets.length);
  });
  it('of the blues, coppers, hairstreaks and metalmarks of one region no two have the same underside', () => {
    const below = targets.filter((row) => row.family === 'lycaenidae').map((row) => JSON.stringify(glyphOf(row).below));
    expect(below.every(Boolean)).toBe(true);
    expect(new Set(below).size).toBe(below.length);
  });
  it('what is told by its underside is drawn with one', () => {
    for (const id of [
      'vanessa-virginiensis',
      'vanessa-cardui',
      'argynnis-cybele',
      'argynnis-aphrodite',
      'polites-peckius',
      'lon-hobomok',
    ])
      expect(glyphOf(targets.find((row) => row.id === id)!).below, id).toBeDefined();
    expect(glyphOf(targets.find((row) => row.id === 'danaus-plexippus')!).below).toBeUndefined();
  });
});
