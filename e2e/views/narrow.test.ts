import { describe } from 'vitest';
import { everyViewAt } from './views';

// The colours are those of the wide views.
describe('every view at 390 px', () => everyViewAt(390, { except: ['color-contrast'] }));
