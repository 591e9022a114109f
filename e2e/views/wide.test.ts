import { describe } from 'vitest';
import { everyViewAt } from './views';

describe('every view at 1280 px, by day and at dusk', () => everyViewAt(1280, { dusk: true }));
