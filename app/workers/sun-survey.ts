import { expose } from 'comlink';
import type { Thing, YardFields } from '~~/core/model/yard';
import { sunLayers, type SunLayer, type SunPlace } from '~~/core/place/sun/raster';

/** Computes the sun survey layer by layer beside the page; the page stops it by ending the worker. */
const surveyor = {
  async survey(
    yard: YardFields,
    things: Thing[],
    place: SunPlace,
    order: number[],
    options: { cell_m: number; years: number },
    take: (layer: SunLayer) => void | Promise<void>,
  ) {
    for (const layer of sunLayers(yard, things, place, order, options)) await take(layer);
  },
};
export type SunSurveyor = typeof surveyor;

expose(surveyor);
