import { readdirSync, readFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { formulas } from '../src/formulas.ts';
import { schoolQuestions } from '../src/schools/schools.ts';
import { genericShelf } from '../src/shelf/shelf.ts';
import { sources } from '../src/sources/register.ts';
import { defectKinds } from '../src/survey/kinds.ts';

const src = resolve(import.meta.dirname, '../src');
const project = resolve(src, '../..');

function filesIn(dir: string): string[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? (['node_modules', 'dist'].includes(e.name) ? [] : filesIn(join(dir, e.name))) : [join(dir, e.name)],
  );
}
const sourceFiles = filesIn(src).filter((f) => f.endsWith('.ts') && !f.endsWith('.test.ts'));
const withoutComments = (text: string) => text.replaceAll(/\/\*[\s\S]*?\*\//g, '').replaceAll(/^\s*\/\/.*$/gm, '');
const literals = (text: string) => [...text.matchAll(/'((?:[^'\\\n]|\\.)*)'|`((?:[^`\\]|\\.)*)`/g)].map((m) => m[1] ?? m[2] ?? '');

describe('text of the core', () => {
  const unit = /\d\s?(mm|cm|m|mL|ml|L|g|kg|°C|°F|K|min|h|s|in|ft|fl oz|oz|lb|mil|psi|MPa|%|days?|hours?)\b/;

  it('has no digit followed by a unit: figures carry theirs; a name in the code is no text', () => {
    const found = sourceFiles
      .filter((f) => !relative(src, f).startsWith('quantity'))
      .flatMap((f) =>
        literals(withoutComments(readFileSync(f, 'utf8')))
          .filter((t) => unit.test(t) && !/^[a-z][A-Za-z0-9]*$/.test(t))
          .map((t) => `${relative(src, f)}: ${t}`),
      );
    expect(found).toEqual([]);
  });

  it('would be caught', () => {
    expect(unit.test('wait 5 min')).toBe(true);
    expect(unit.test('chase to 6 mm')).toBe(true);
    expect(unit.test('lift 1: sand')).toBe(false);
  });
});

describe('formula registry', () => {
  it('has names of its own for all, and a known source for each', () => {
    expect(new Set(formulas.map((f) => f.name)).size).toBe(formulas.length);
    for (const f of formulas) expect(sources[f.source]).toBeDefined();
  });

  it('holds every formula that is declared anywhere', () => {
    const declared = sourceFiles.flatMap((f) => [...readFileSync(f, 'utf8').matchAll(/= formula\(\{\s*name: '([^']+)'/g)].map((m) => m[1] ?? ''));
    const known = new Set(formulas.map((f) => f.name));
    expect(declared.filter((name) => !known.has(name)).map((name) => `formula '${name}': name its file in a group of core/src/formulas.ts`)).toEqual([]);
    expect(declared.sort()).toEqual([...known].sort());
  });

  it('says in words what it does, without figures', () => {
    for (const f of formulas) expect(f.words).toMatch(/^[^\d]{10,}$/);
  });

  it('names inputs with their unit', () => {
    const bare = new Set(['ratio', 'count', 'money']);
    for (const f of formulas)
      for (const [name, input] of Object.entries(f.inputs))
        if (!bare.has(input.kind))
          expect(name, `${f.name} ${name}`).toMatch(
            /(Mm|Mm2|Ml|G|C|Pct|Min|MinM|K|KjMol|Kmh|Mpa|PerMl|PerDay|KgM2h|KgL|Mpas|Mnm|Deg|D|M2L|PerL|PerM2|Each|MlG|LitersKg|litersKg|kgM2)$/,
          );
  });

  it.each([
    'crack-volume',
    'chase-volume',
    'sand-packing-one',
    'sand-packing-two',
    'resin-for-sand',
    'gel-time',
    'section-per-person',
    'dew-point',
    'dew-margin',
    'evaporation',
  ])('has %s', (name) => {
    expect(formulas.map((f) => f.name)).toContain(name);
  });
});

describe('house', () => {
  it('keeps every recipe within 120 lines, as the formatter lays it out', () => {
    const long: Record<string, number> = {};
    for (const file of sourceFiles.filter((f) => /\/method\/(board|concrete|patch|plaster|timber|tub)\/[^/]+\.ts$/.test(f))) {
      for (const [, name = '', body = ''] of readFileSync(file, 'utf8').matchAll(/^export function (\w+)\(c: Course[^{]*\{\n([\s\S]*?)^\}/gm)) {
        const lines = body.split('\n').length;
        if (lines > 120) long[name] = lines;
      }
    }
    expect(long).toEqual({});
  });

  it('shows what others call most by an example', () => {
    const called: readonly (readonly [file: string, code: string])[] = [
      ['quantity/formula.ts', 'export function formula<'],
      ['quantity/figure.ts', 'export class Figure<'],
      ['quantity/ledger.ts', '  compute<'],
      ['quantity/saying.ts', 'export function say'],
      ['quantity/show.ts', 'export function showValue'],
      ['method/course.ts', '  work('],
      ['method/course.ts', '  use('],
      ['method/course.ts', '  wait('],
      ['plan/repairPlan.ts', 'export function planRepair'],
      ['schedule/schedule.ts', 'export function schedule'],
      ['match/judging.ts', 'export function fromRange'],
      ['shelf/sourced.ts', 'export function of<'],
    ];
    const without = called.filter(([file, code]) => {
      const text = readFileSync(join(src, file), 'utf8');
      const before = text.slice(0, text.indexOf(code));
      return !before.slice(before.lastIndexOf('/**')).includes('@example');
    });
    expect(without.map(([file, code]) => `write an @example above '${code.trim()}' in core/src/${file}`)).toEqual([]);
  });

  it('writes no title in two files', () => {
    // every title of the methods, as it stands in the source with its holes
    const where = new Map<string, Set<string>>();
    for (const f of sourceFiles.filter((one) => one.includes('/method/')))
      for (const [, title = ''] of readFileSync(f, 'utf8').matchAll(/title: (?:[^\n]*?)say`([^`]{6,})`/g))
        where.set(title, (where.get(title) ?? new Set()).add(relative(src, f)));
    expect(where.size).toBeGreaterThan(150);
    expect([...where].filter(([, files]) => files.size > 1).map(([title, files]) => [title, ...files])).toEqual([]);
  });

  it('lets the core ask for what a side of a question sets, never for its name', () => {
    // a side may be called as an answer or a way to prepare is; those words are compared for what they are
    const words = new Set(defectKinds().flatMap((k) => k.asks.flatMap((a) => (a.ask === 'choice' ? a.options.map((o) => o.value) : []))));
    for (const other of ['chase', 'as-found', 'none', 'fixed', 'measured', 'epoxy', 'foam']) words.add(other);
    const names = new Set(schoolQuestions.flatMap((q) => q.sides.map((s) => s.id)).filter((id) => !words.has(id)));
    expect(names.size).toBeGreaterThan(40);
    const asked = sourceFiles
      .filter((f) => !f.includes('/schools/') && !f.includes('/words/'))
      .flatMap((f) =>
        [...readFileSync(f, 'utf8').matchAll(/[!=]== '([^']+)'/g)]
          .filter(([, name = '']) => names.has(name))
          .map(([, name = '']) => `${relative(src, f)}: ${name}`),
      );
    expect(asked).toEqual([]);
  });

  it('names no kind of defect in web, but where a new one is begun', () => {
    const naming = filesIn(join(project, 'web/src'))
      .filter((f) => /\.tsx?$/.test(f) && !f.includes('.test.'))
      .filter((f) => defectKinds().some(({ id }) => readFileSync(f, 'utf8').includes(`'${id}'`)));
    expect(naming.map((f) => relative(project, f))).toEqual([]);
  });

  it('keeps one file a system, each with its own id, and a source for every figure', () => {
    for (const system of genericShelf) {
      const text = JSON.stringify(system);
      for (const [, source] of text.matchAll(/"source":"([^"]+)"/g)) expect(Object.hasOwn(sources, source ?? '')).toBe(true);
    }
    expect(filesIn(join(src, 'shelf')).filter((f) => readFileSync(f, 'utf8').includes('satisfies PatchSystem')).length).toBe(genericShelf.length);
  });
});
