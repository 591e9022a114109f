import { describe, expect, it } from 'vitest';
import { GLOSSARY } from './glossary';

describe('the glossary', () => {
  it.each(Object.entries(GLOSSARY))('%s has one sentence that a beginner can read', (_, sentence) => {
    expect(sentence).toMatch(/^[A-Z].*\.$/);
    expect(sentence.slice(0, -1)).not.toContain('. ');
    expect(sentence.length).toBeLessThan(200);
  });
});
