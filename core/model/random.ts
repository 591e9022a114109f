/** Numbers from 0 to 1 that look random and follow from a seed (mulberry32). */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** Normally distributed numbers of mean 0 and standard deviation 1: twelve uniform ones less six are near enough. */
export function normalFrom(random: () => number): () => number {
  return () => {
    let sum = -6;
    for (let i = 0; i < 12; i++) sum += random();
    return sum;
  };
}

/** A whole number from a text, for seeding (FNV-1a). */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ letter.charCodeAt(0), 0x01000193);
  return hash >>> 0;
}
