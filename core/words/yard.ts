import type { Neighbour } from '../place/yard/neighbours';
import { listed } from './lists';

/** What lies near a site and what follows from it, in a sentence. */
export function neighbourSentence(neighbour: Neighbour): string {
  switch (neighbour.kind) {
    case 'slope':
      return `It lies on a slope of ${neighbour.fall_pct} %: water runs off, and loose mulch with it. Mind your footing.`;
    case 'path':
      return neighbour.paved
        ? `${neighbour.name} is paved: its edge is hotter and dries first. Keep low plants there, and hoses off the path.`
        : `${neighbour.name} runs along it: what leans out is trodden or sheared.`;
    case 'crowns':
      return neighbour.names.length === 1
        ? `${neighbour.names[0]} reaches over it: its roots drink first.`
        : `${listed(neighbour.names)} reach over it: their roots drink first.`;
    case 'hose':
      return neighbour.reaches ? 'A hose reaches all of it.' : 'No hose reaches all of it.';
  }
}
