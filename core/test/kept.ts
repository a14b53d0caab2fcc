import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliDecompressSync } from 'node:zlib';
import type { IssuedPlan } from '../src/plan/issued.ts';

/** Where data lies that earlier versions kept: it is read by every later one, and never written again. */
const folder = join(import.meta.dirname, 'kept');

/** A text that an earlier version kept. */
export const keptText = (name: string): string => readFileSync(join(folder, name), 'utf8');

/** Issued plans as version 0.4.0 of the core kept them: every system and combination on every kind, and cracks in slabs. */
export function keptPlans(): readonly IssuedPlan[] {
  return brotliDecompressSync(readFileSync(join(folder, 'issued-0.4.0.jsonl.br')))
    .toString()
    .split('\n')
    .map((line) => JSON.parse(line) as IssuedPlan);
}
