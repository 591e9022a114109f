import { coverage, type CoverageInput } from '../coverage/coverage';
import { host, plant, planting, target, type World } from './worked-garden';

/** One butterfly, a host that its bed suits and one that wants a bog, and two flowers. */
export const AZURE: World = {
  targets: [target('azure')],
  plants: [
    plant('host-herb', { nectar_butterfly: 0 }),
    plant('bog-herb', { nectar_butterfly: 0, moisture_min: 5, moisture_max: 5 }),
    plant('flower-a', { leaf_g: 0 }),
    plant('flower-b', { leaf_g: 0 }),
  ],
  hosts: [host('azure', 'host-herb'), host('azure', 'bog-herb')],
};
/** Its two flowers, planted: what is missing is a host. */
export const AZURE_FLOWERS = [planting('2', 'flower-a', 1), planting('3', 'flower-b', 1)];

/** How a need of the first target is served. */
export const needIn = (input: CoverageInput, stage: string) =>
  coverage(input).targets[0]!.needs.find((row) => row.need.stage === stage)!;
