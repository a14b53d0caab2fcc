import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { command, Failure, root, stateDir } from './place.ts';
import { run } from './run.ts';

const rooms = ['quantity', 'geometry', 'climate', 'cure', 'mixing', 'safety', 'match', 'schedule'] as const;
type Room = (typeof rooms)[number];
const isRoom = (name: string): name is Room => rooms.some((r) => r === name);

/** A mutant as the report has it. */
interface Mutant {
  readonly mutatorName: string;
  readonly replacement?: string;
  readonly status: 'Killed' | 'Survived' | 'NoCoverage' | 'Timeout' | 'CompileError' | 'RuntimeError' | 'Ignored' | 'Pending';
  readonly location: { readonly start: { readonly line: number; readonly column: number } };
}

/** What came out for a room: how many of the sample were found, and what was not. */
interface Outcome {
  readonly killed: number;
  readonly all: number;
  readonly living: readonly string[];
}

function outcome(report: string): Outcome {
  const { files } = JSON.parse(readFileSync(report, 'utf8')) as { files: Record<string, { readonly mutants: readonly Mutant[] }> };
  const tried = Object.entries(files).flatMap(([file, { mutants }]) =>
    mutants.filter((m) => m.status !== 'CompileError' && m.status !== 'Ignored').map((m) => ({ file, m })),
  );
  const living = tried.filter(({ m }) => m.status === 'Survived' || m.status === 'NoCoverage');
  return {
    killed: tried.length - living.length,
    all: tried.length,
    living: living
      .sort((a, b) => (a.file === b.file ? a.m.location.start.line - b.m.location.start.line : a.file < b.file ? -1 : 1))
      .map(
        ({ file, m }) =>
          `${relative('core/src', file)}:${String(m.location.start.line)}:${String(m.location.start.column)} ${m.mutatorName}${m.status === 'NoCoverage' ? ', never run' : ''}: ${(m.replacement ?? '').replaceAll(/\s+/g, ' ').slice(0, 90)}`,
      ),
  };
}

/** Changes a room in a seeded sample of small ways, and tells which of them its own tests and checks do not see. */
async function mutated(room: Room, size: number, seed: string): Promise<Outcome> {
  const dir = join(stateDir, 'mutants');
  mkdirSync(dir, { recursive: true });
  const [config, report] = [join(dir, `${room}.config.json`), join(dir, `${room}.json`)];
  rmSync(report, { force: true });
  writeFileSync(
    config,
    JSON.stringify({
      plugins: ['@stryker-mutator/vitest-runner', join(root, 'tools/mutants/sample.mjs')],
      testRunner: 'vitest',
      vitest: { configFile: 'tools/mutants/vitest.config.ts', related: false },
      checkers: ['sample'],
      sample: { seed, size },
      mutate: [`core/src/${room}/**/*.ts`, '!**/*.test.ts'],
      // what a sentence says is read, not computed; names and ids are held by the compiler
      mutator: { excludedMutations: ['StringLiteral'] },
      ignorePatterns: ['**', '!core/**', '!tools/mutants/**', '!package.json', '!tsconfig*.json', 'core/node_modules', 'core/dist'],
      coverageAnalysis: 'perTest',
      concurrency: 2,
      timeoutMS: 30_000,
      tempDirName: join(dir, 'tmp'),
      reporters: ['json'],
      jsonReporter: { fileName: report },
      allowConsoleColors: false,
      warnings: false,
      logLevel: 'warn',
    }),
  );
  const { code, output } = await run(process.execPath, [join(root, 'node_modules/@stryker-mutator/core/bin/stryker.js'), 'run', config], {
    env: { ODDMENT_ROOM: room, NODE_OPTIONS: '' },
    quiet: true,
  });
  if (code !== 0) throw new Failure(`the mutants of ${room} could not be tried:\n${output}`);
  return outcome(report);
}

await command(async () => {
  const { values, positionals } = parseArgs({
    args: process.argv.slice(2),
    allowPositionals: true,
    options: { size: { type: 'string', default: '200' }, seed: { type: 'string', default: 'oddment' } },
  });
  const wrong = positionals.filter((name) => !isRoom(name));
  if (wrong.length > 0) throw new Failure(`there is no room '${wrong.join("', '")}': ${rooms.join(', ')}.`, 2);
  const size = Number(values.size);
  if (!Number.isInteger(size) || size < 1) throw new Failure(`--size takes a whole number of mutants, such as 200, not '${values.size}'.`, 2);
  const wanted = positionals.filter(isRoom);
  for (const room of wanted.length > 0 ? wanted : rooms) {
    const begun = Date.now();
    const { killed, all, living } = await mutated(room, size, values.seed);
    const minutes = Math.round((Date.now() - begun) / 6000) / 10;
    console.log(`${room}: ${String(killed)} of ${String(all)} found, ${String(Math.round((killed / all) * 100))} %   (${String(minutes)} min)`);
    for (const one of living) console.log(`  ${one}`);
  }
  return undefined;
});
