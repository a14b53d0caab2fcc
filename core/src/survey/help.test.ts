import { describe, expect, it } from 'vitest';
import { areaTable } from './area.ts';
import type { AskTable } from './ask.ts';
import { helpedFields, helpOf, sketches, type Sketch } from './help.ts';
import { defectKinds } from './kinds.ts';

const tables: readonly AskTable[] = [areaTable, ...defectKinds()];

describe('help', () => {
  it('stands at every question of every kind, and at no other', () => {
    const fields = tables.flatMap((t) => t.asks.map((a) => [t.id, a.field] as const));
    expect(fields.filter(([table, field]) => helpOf(table, field) === undefined)).toEqual([]);
    const known = new Set(fields.flatMap(([table, field]) => [field, `${table}/${field}`]));
    expect(helpedFields.filter((f) => !known.has(f))).toEqual([]);
  });

  it('says why in whole sentences, never the question or its hint again', () => {
    for (const table of tables)
      for (const { field, question, hint } of table.asks) {
        const { why, how } = helpOf(table.id, field) ?? { why: '' };
        for (const text of [why, ...(how === undefined ? [] : [how])]) {
          expect([field, text]).toEqual([field, expect.stringMatching(/^[A-Z].*\.$/)]);
          expect(text).not.toContain(question);
          if (hint !== undefined) expect(text.toLowerCase()).not.toBe(`${hint.toLowerCase()}.`);
        }
        // a measure is found out somehow, unless its question says how by its hint, or it is only counted or read off
        expect(why.length).toBeGreaterThan(20);
      }
  });

  it('has a use for each of its sketches', () => {
    const drawn = tables.flatMap((t) => t.asks.flatMap((a) => helpOf(t.id, a.field)?.sketch ?? []));
    expect((Object.keys(sketches) as Sketch[]).filter((s) => !drawn.includes(s))).toEqual([]);
  });
});
