import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, mkdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';

const project = resolve(import.meta.dirname, '..');
const guide = readFileSync(join(project, 'docs/adding.md'), 'utf8');

/** One thing that the guide has one do. */
interface Piece {
  readonly recipe: string;
  readonly what: string;
  readonly apply: (read: (path: string) => string, write: (path: string, text: string) => void) => void;
}

const clean = (text: string) => text.replaceAll('\n', ' ');

/** The guide as its pieces, recipe by recipe, in order. */
function pieces(): Piece[] {
  const found: Piece[] = [];
  for (const [, recipe = '', text = ''] of guide.matchAll(/^## (.+)\n([\s\S]*?)(?=^## |$(?![\s\S]))/gm)) {
    const put = (what: string, apply: Piece['apply']) => found.push({ recipe, what, apply });
    const steps =
      /Write `([^`]+)`:\n\n```ts\n([\s\S]*?)```|[Aa]fter `([^`\n]+)`\s+in\s+`([^`]+)`:\n\n```ts\n([\s\S]*?)```|[Ii]n `([^`]+)` `([^`]+)` becomes `([^`]+)`/g;
    for (const [, file, code = '', line = '', into, lines = '', change, from = '', to = ''] of text.matchAll(steps)) {
      if (file !== undefined)
        put(`write ${file}`, (_read, write) => {
          write(file, code);
        });
      else if (into !== undefined)
        put(`after '${line.trim()}' in ${into}`, (read, write) => {
          const all = read(into).split('\n');
          const at = all.indexOf(line);
          expect([into, line, at >= 0]).toEqual([into, line, true]);
          write(into, [...all.slice(0, at + 1), lines.replace(/\n$/, ''), ...all.slice(at + 1)].join('\n'));
        });
      else if (change !== undefined)
        put(`change ${clean(from)} in ${change}`, (read, write) => {
          expect([change, from, read(change).includes(from)]).toEqual([change, from, true]);
          write(change, read(change).replace(from, to));
        });
    }
  }
  return found;
}

const copies: string[] = [];
afterAll(() => {
  for (const folder of copies) rmSync(folder, { recursive: true, force: true });
});

/** A copy of the core with pieces of the guide followed in it. */
function followed(all: readonly Piece[]): string {
  mkdirSync(join(project, '.oddment'), { recursive: true });
  const folder = mkdtempSync(join(project, '.oddment/adding-'));
  copies.push(folder);
  for (const path of [
    'core/src',
    'core/test',
    'web/src',
    'core/package.json',
    'package.json',
    'vitest.config.ts',
    'tsconfig.node.json',
    'tsconfig.base.json',
    'README.md',
  ])
    if (existsSync(join(project, path))) cpSync(join(project, path), join(folder, path), { recursive: true });
  symlinkSync(join(project, 'node_modules'), join(folder, 'node_modules'));
  const read = (path: string) => readFileSync(join(folder, path), 'utf8');
  const write = (path: string, text: string) => {
    mkdirSync(dirname(join(folder, path)), { recursive: true });
    writeFileSync(join(folder, path), text);
  };
  for (const piece of all) piece.apply(read, write);
  return folder;
}

/** The tests of the core that a new hand's work has to pass. */
const tests = [
  'src/match/everyKind.test.ts',
  'src/survey/kinds.test.ts',
  'src/method/families.test.ts',
  'src/method/uses.test.ts',
  'src/method/network.test.ts',
  'src/safety/defectStops.test.ts',
  'src/schools/schools.test.ts',
  'src/quick/tools.test.ts',
  'src/plan/options.test.ts',
  'test/named.test.ts',
  'test/houseRules.test.ts',
];

function run(folder: string): { readonly green: boolean; readonly said: string } {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(project, 'node_modules/vitest/vitest.mjs'), 'run', '--project', 'core', '--reporter=dot', ...tests.map((t) => `core/${t}`)],
    { cwd: folder, encoding: 'utf8', env: { ...process.env, NO_COLOR: '1' } },
  );
  return { green: status === 0, said: `${stdout}\n${stderr}` };
}

describe('the guide to adding', () => {
  const all = pieces();
  const recipes = [...new Set(all.map((p) => p.recipe))];

  it('has a recipe for a step, a system, a question, a rule, a kind, a stop, a formula and a tool', () => {
    expect(recipes).toEqual([
      'A step',
      'A system',
      'A question on which the trade differs',
      'A rule of Match',
      'A kind of defect',
      'A stop',
      'A formula',
      'A small tool of Figures',
    ]);
    expect(all.length).toBeGreaterThan(25);
    // nothing of it is left out by the reading of it
    expect(all.length).toBe([...guide.matchAll(/```ts\n/g)].length + [...guide.matchAll(/` becomes `/g)].length);
  });

  it('followed as it stands ends green, and in types that hold', () => {
    const folder = followed(all);
    const { green, said } = run(folder);
    expect([green, green ? '' : said.slice(0, 6000)]).toEqual([true, '']);
    const types = spawnSync(process.execPath, [join(project, 'node_modules/typescript/bin/tsc'), '--noEmit', '-p', 'tsconfig.node.json'], {
      cwd: folder,
      encoding: 'utf8',
    });
    expect(types.error).toBeUndefined();
    expect(types.stdout.split('\n').filter((line) => line.startsWith('core/src/') && !line.includes('.test.ts'))).toEqual([]);
  });

  it('says which file is still to be written where the last piece of each is left away', () => {
    // the last of each that names what was written, so that each lacks just that
    const left = (recipe: string, match: RegExp) => all.filter((p) => p.recipe === recipe && match.test(p.what));
    const away = new Set([
      ...left('A rule of Match', /everyKind\.test\.ts$/),
      ...left('A stop', /defectStops\.test\.ts$/),
      ...left('A formula', /formulas\.ts$/),
      ...left('A small tool of Figures', /tools\.ts$/),
      ...left('A kind of defect', /survey\/kinds\.ts$|dryPack/),
      ...left('A question on which the trade differs', /schools\.ts$/),
      ...left('A system', /families\.ts$/),
    ]);
    expect(away.size).toBeGreaterThan(9);
    const { green, said } = run(followed(all.filter((p) => !away.has(p))));
    expect(green).toBe(false);
    for (const sentence of [
      "rule 'slender': write a setting on either side of its limit in core/src/match/everyKind.test.ts",
      "stop 'polished': write both sides of it in core/src/safety/defectStops.test.ts",
      "formula 'blows-for-layer': name its file in a group of core/src/formulas.ts",
      'core/src/quick/ramming.ts is written, and no tool of Figures yet: name it in core/src/quick/tools.ts',
      'core/src/survey/kinds/stoneChip.ts is written, and no kind of defect yet: name it in core/src/survey/kinds.ts',
      'core/src/schools/mortarWetness.ts is written, and no question of the trade yet: name it in core/src/schools/schools.ts',
      "'dry-pack' is judged and has no method: write a part in core/src/method/ and name it in core/src/method/families.ts",
    ])
      expect([sentence, said.includes(sentence)]).toEqual([sentence, true]);
  });
});
