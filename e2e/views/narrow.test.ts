import { describe } from 'vitest';
import { VIEWS, viewsAt } from './views';

// The colours are those of the wide views.
describe('every view at 390 px', () => viewsAt(VIEWS.all, 390, { except: ['color-contrast'], thumb: true }));
