import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { matchRules } from '../src/match/rules.ts';
import { answers } from '../src/match/rules/answers.ts';

const src = resolve(import.meta.dirname, '../src');

/** Folders whose every file is named in a table, and the table. What is no entry itself is left out. */
const tables: readonly (readonly [what: string, folder: string, table: string, others: readonly string[]])[] = [
  ['rule of Match', 'match/rules', 'match/rules.ts', ['leftOpen', 'work']],
  ['kind of defect', 'survey/kinds', 'survey/kinds.ts', []],
  ['stop', 'safety/stops', 'safety/defectStops.ts', []],
  ['question of the trade', 'schools', 'schools/schools.ts', ['school', 'schools']],
  ['system', 'shelf/systems', 'shelf/shelf.ts', ['settingCompound']],
  ['record of usual figures', 'shelf/usual', 'shelf/usual/usualFigures.ts', ['usual', 'usualFigures']],
  ['tool of Figures', 'quick', 'quick/tools.ts', ['search', 'sweep', 'tables', 'tool', 'tools']],
];

const filesIn = (folder: string) =>
  readdirSync(join(src, folder))
    .filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'))
    .map((f) => f.slice(0, -3));

describe('every file of a folder that a table names', () => {
  it.each(tables)('a %s in core/src/%s', (what, folder, table, others) => {
    const text = readFileSync(join(src, table), 'utf8');
    const unnamed = filesIn(folder).filter((name) => !others.includes(name) && !new RegExp(`/${name}\\.ts'`).test(text));
    expect(unnamed.map((name) => `core/src/${folder}/${name}.ts is written, and no ${what} yet: name it in core/src/${table}`)).toEqual([]);
    expect(filesIn(folder).length - others.length).toBeGreaterThan(5);
  });

  it('every rule about an answer has its place in the order', () => {
    const unplaced = Object.entries(answers).filter(([, rule]) => !matchRules.includes(rule));
    expect(
      unplaced.map(([aspect]) => `answers.${aspect} is in core/src/match/rules/answers.ts and has no place yet: name it in core/src/match/rules.ts`),
    ).toEqual([]);
  });

  it('the words of every step are used by a method', () => {
    const methods = ['board', 'concrete', 'patch', 'plaster', 'timber', 'tub', '.']
      .flatMap((folder) => filesIn(`method/${folder}`).map((name) => readFileSync(join(src, 'method', folder, `${name}.ts`), 'utf8')))
      .join('\n');
    const unused = filesIn('method/words').flatMap((name) =>
      [...readFileSync(join(src, 'method/words', `${name}.ts`), 'utf8').matchAll(/^export const (\w+) = \([^)]*\): Said/gm)]
        .map(([, step = '']) => step)
        .filter((step) => !new RegExp(`\\b${step}\\(`).test(methods))
        .map((step) => `${step} in core/src/method/words/${name}.ts is no step of any method yet: use it in a part in core/src/method/`),
    );
    expect(unused).toEqual([]);
  });
});
