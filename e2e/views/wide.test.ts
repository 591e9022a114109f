import { describe } from 'vitest';
import { everyViewAt } from './views';

describe('every view at 1280 px', () => everyViewAt(1280));
