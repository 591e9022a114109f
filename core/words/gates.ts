import { isDanger, type AtRisk, type Gate } from '../match/gates/gates';
import { listed } from './lists';

const RISKS: Record<AtRisk, string> = {
  children: 'the children here',
  'passers-by': 'passers-by',
  dogs: 'the dogs',
  cats: 'the cats',
  grazing: 'the grazing animals over the fence',
};

/** A gate in a sentence. */
export function gateSentence(gate: Gate): string {
  switch (gate.kind) {
    case 'invasive':
      return `${gate.common} is listed as ${gate.status} here (${gate.as_of}); it may be unlawful to plant. Check with your local extension office.`;
    case 'trap':
      return `A trap: ${gate.target} lays on it and the caterpillars die.`;
    case 'never':
      return `${gate.common} is here to be known, never to be planted. ${gate.note}`.trim();
    case 'natives-only':
      return 'Not native here, and this garden plants natives only.';
    case 'listed-elsewhere':
      return `${gate.common} is listed as invasive elsewhere and is not known to be harmless here: it is not offered. Ask your local extension office before you plant it.`;
    case 'unrecorded':
      return 'The library has no record of it in this region: make sure that it is harmless here before you plant it.';
    case 'toxic':
    case 'caution':
      return gate.risks.length > 0
        ? `${gate.note} ${isDanger(gate) ? 'A danger to' : 'Mind'} ${listed(gate.risks.map((who) => RISKS[who]))}${gate.allowed ? ': you allowed it, so keep them apart' : ''}.`
        : gate.note;
    case 'disease':
      return gate.note;
    case 'deer':
      return `Deer browse ${gate.common}${gate.often ? ', and they come often here' : ''}: fence it while it is young, or set it among what they leave.`;
    case 'protected':
      return 'Protected here: buy it nursery-propagated and never dig it from the wild.';
  }
}
