import { expect, test } from '@playwright/test';
import { build } from 'esbuild';
import vm from 'node:vm';

type Texts = readonly (readonly [name: string, text: string])[];

/** The core with plans of every kind and family, as one script; `**` becomes a call that an engine can be given its own of. */
async function script(): Promise<string> {
  const made = await build({
    stdin: {
      contents: `import { everyPlanText } from '../core/test/everyPlanText.ts'; globalThis.everyPlanText = everyPlanText;`,
      resolveDir: import.meta.dirname,
      loader: 'ts',
    },
    bundle: true,
    write: false,
    format: 'iife',
    target: 'es2015',
  });
  return made.outputFiles[0]?.text ?? '';
}

const given = { console, URL, structuredClone, setTimeout, clearTimeout, TextEncoder, TextDecoder };

/** The same plans by an engine whose exp, pow and their like end one unit in the last place higher or lower. */
function otherEngine(code: string, step: 0 | 1 | -1): Texts {
  const context = vm.createContext({ ...given });
  if (step !== 0)
    vm.runInContext(
      `{
        const beside = (x) => { if (!Number.isFinite(x) || Number.isInteger(x)) return x; const one = new Float64Array([x]); new BigInt64Array(one.buffer)[0] += ${String(step)}n; return one[0]; };
        for (const name of ['exp', 'expm1', 'pow', 'log', 'log1p', 'log2', 'log10', 'cbrt', 'hypot', 'sin', 'cos', 'tan', 'asin', 'acos', 'atan', 'atan2', 'sinh', 'cosh', 'tanh']) {
          const own = Math[name];
          Math[name] = (...of) => beside(own(...of));
        }
      }`,
      context,
    );
  vm.runInContext(code, context);
  return vm.runInContext('everyPlanText()', context) as Texts;
}

/** Names of the plans that differ, with the place where they first do. */
function different(one: Texts, other: Texts): string[] {
  return one.flatMap(([name, text], i) => {
    const there = other[i]?.[1] ?? '';
    if (there === text) return [];
    let at = 0;
    while (text[at] === there[at]) at += 1;
    return [`${name}: …${text.slice(Math.max(0, at - 60), at + 20)}… against …${there.slice(Math.max(0, at - 20), at + 20)}…`];
  });
}

test('the same input gives the same bytes in Node and in Chromium, for every kind with every system', async ({ page }) => {
  const code = await script();
  const here = otherEngine(code, 0);
  expect(here.length).toBeGreaterThan(300);
  await page.goto('about:blank');
  await page.addScriptTag({ content: code });
  const there = await page.evaluate(() => (globalThis as unknown as { everyPlanText: () => Texts }).everyPlanText());
  expect(different(here, there)).toEqual([]);
});

test('engines whose exp, pow and their like end differently in the last place give the same bytes', async () => {
  const code = await script();
  const here = otherEngine(code, 0);
  for (const step of [1, -1] as const) expect(different(here, otherEngine(code, step))).toEqual([]);
});
