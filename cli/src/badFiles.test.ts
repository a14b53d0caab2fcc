import { readJobFile, writeJobFile } from '@oddment/contracts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planInput } from '../../core/test/cracks.ts';
import { BadInput } from './badInput.ts';
import { daysOutput } from './days.ts';
import { planOutput } from './plan.ts';

const { job, area, defect } = planInput();
const id = (n: number) => `3f0f9d6e-1111-4222-8333-44445555666${String(n)}`;
const sound = writeJobFile({ ...job, id: id(0), areas: [{ ...area, id: id(1), defects: [{ ...defect, id: id(2), mark: 'T-01' }] }] });

/** Every place of a value that something else may be put in. */
function placesIn(value: unknown, at: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  const own = at.length > 0 ? [at] : [];
  if (typeof value !== 'object' || value === null) return own;
  return [...own, ...Object.entries(value).flatMap(([key, part]) => placesIn(part, [...at, key]))];
}
const places = placesIn(JSON.parse(sound));

/** The sound file with another text in one place, or with a field more beside it. */
function spoiled(place: readonly (string | number)[], text: string, beside?: string): string {
  const mark = '"@here@"';
  const copy = JSON.parse(sound) as Record<string | number, unknown>;
  let within: Record<string | number, unknown> = copy;
  for (const step of place.slice(0, -1)) within = within[step] as typeof within;
  const last = place.at(-1) ?? '';
  if (beside !== undefined && !Array.isArray(within)) {
    const lines = JSON.stringify({ ...within, '@here@': 0 }).replace('"@here@":0', `"${beside}":${text}`);
    return JSON.stringify(copy).replace(JSON.stringify(within), lines);
  }
  within[last] = '@here@';
  return JSON.stringify(copy).replace(mark, text);
}

const texts = fc.oneof(
  fc.jsonValue({ maxDepth: 2 }).map((v) => JSON.stringify(v)),
  fc.constantFrom(
    '[]',
    '[[]]',
    '{}',
    '{"0":{}}',
    'null',
    '1e999',
    '-1e308',
    '""',
    '"\\u0000"',
    '"\\ud800"',
    '{"length":1e9}',
    '{"value":{}}',
    '{"value":[],"how":"measured"}',
  ),
  fc.constantFrom('[', '{"a":').map((open) => `${open.repeat(3000)}1${(open === '[' ? ']' : '}').repeat(3000)}`),
);
const besides = fc.option(fc.constantFrom('constructor', '__proto__', 'toString', 'hasOwnProperty', 'note', 'days'), { nil: undefined });

describe('a job file that is spoiled anywhere', () => {
  it('is planned, or refused in words that say where', () => {
    fc.assert(
      fc.property(fc.constantFrom(...places), texts, besides, (place, text, beside) => {
        const read = readJobFile(spoiled(place, text, beside));
        if (!read.ok) {
          expect(read.problems.length).toBeGreaterThan(0);
          expect(read.problems.every((p) => p.message !== '')).toBe(true);
          return;
        }
        for (const act of [
          () => planOutput(read.value, { form: 'text' }),
          () => daysOutput(read.value, { form: 'text', aim: 'finish', seed: 1, rounds: 0, stamp: '2026-06-02T12:00:00Z' }),
        ]) {
          try {
            act();
          } catch (error) {
            if (!(error instanceof BadInput)) throw error;
          }
        }
      }),
      { numRuns: 600 },
    );
  });

  it('is the same with a byte order mark before it', () => {
    expect(readJobFile(`\ufeff${sound}`)).toEqual(readJobFile(sound));
  });

  it('is told the first hundred problems, and how many there are besides', () => {
    const file = JSON.parse(sound) as { job: { areas: { defects: object[] }[] } };
    file.job.areas[0]?.defects.push(...Array.from({ length: 400 }, () => ({})));
    const read = readJobFile(JSON.stringify(file));
    if (read.ok) throw new Error('it was taken');
    expect(read.problems).toHaveLength(101);
    expect(read.problems.at(-1)?.message).toMatch(/^There are \d+ more\. Put these right first\.$/);
  });
});
