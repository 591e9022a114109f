import { describe } from 'vitest';
import { VIEWS, viewsAt } from './views';

describe('every view at 1280 px, by day and at dusk', () => viewsAt(VIEWS.kettle, 1280, { dusk: true }));
