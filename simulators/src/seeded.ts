/** A number from nothing to one that belongs to a seed and a place in it: the same ones each time. */
export function hashed(seed: number, at: number): number {
  let t = Math.imul((seed ^ Math.imul(at | 0, 0x9e3779b1)) >>> 0, 0x85ebca6b);
  t = Math.imul(t ^ (t >>> 13), 0xc2b2ae35);
  t ^= t >>> 16;
  return (t >>> 0) / 4294967296;
}

/** A number of a normal distribution that belongs to a seed and a place. */
export function normal(seed: number, at: number): number {
  const [u, v] = [hashed(seed, at), hashed(seed ^ 0x5bd1e995, at)];
  return Math.sqrt(-2 * Math.log(1 - u)) * Math.cos(2 * Math.PI * v);
}

/** A smooth curve through normal numbers that stand one apart. */
export function drift(seed: number, x: number): number {
  const at = Math.floor(x);
  const part = x - at;
  const soft = part * part * (3 - 2 * part);
  return normal(seed, at) * (1 - soft) + normal(seed, at + 1) * soft;
}

/** A seed out of words. */
export function seedOf(words: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < words.length; i++) hash = Math.imul(hash ^ words.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}
