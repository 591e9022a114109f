import { describe } from 'vitest';
import { VIEWS, viewsAt } from './views';

describe('every other view at 1280 px, by day and at dusk', () => viewsAt(VIEWS.others, 1280, { dusk: true }));
