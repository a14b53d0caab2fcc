const hepa = 'HEPA vacuum';

/** The tools of a step in paint that may hold lead: what draws dust off does so through a HEPA filter, and there is always one. */
export function leadSafe(tools: readonly string[]): readonly string[] {
  const safe = tools.map((t) => t.replace(/\bvacuum\b/, hepa));
  return safe.some((t) => t.includes(hepa)) ? safe : [...safe, hepa, 'mister'];
}
