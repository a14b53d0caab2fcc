import { build as bundle } from 'esbuild';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { Failure, root, stateDir } from './place.ts';
import { run } from './run.ts';

const shared = ['core', 'contracts', 'drawing'];
const targets = {
  server: [...shared, 'server'],
  web: [...shared, 'web'],
  cli: [...shared, 'cli'],
  simulators: [...shared, 'simulators'],
  bench: [...shared, 'bench'],
} as const;
export type Target = keyof typeof targets;

function* sourcesIn(dir: string): Generator<string> {
  for (const entry of readdirSync(dir, { withFileTypes: true })) {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) {
      if (entry.name !== 'dist' && entry.name !== 'node_modules') yield* sourcesIn(path);
    } else if (!/\.(test|check)\.tsx?$/.test(entry.name)) yield path;
  }
}

/** A digest of everything a target is built from. */
function digest(target: Target): string {
  const hash = createHash('sha256');
  for (const room of targets[target]) for (const file of [...sourcesIn(join(root, room))].sort()) hash.update(file).update(readFileSync(file));
  hash
    .update(readFileSync(join(root, 'package-lock.json')))
    .update(readFileSync(join(root, 'tsconfig.base.json')))
    .update(readFileSync(import.meta.filename));
  return hash.digest('hex');
}

function externals(target: Target): string[] {
  const names = targets[target].flatMap((room) => {
    const pkg = JSON.parse(readFileSync(join(root, room, 'package.json'), 'utf8')) as { dependencies?: Record<string, string> };
    return Object.keys(pkg.dependencies ?? {});
  });
  return [...new Set(names)].filter((n) => !n.startsWith('@oddment/')).flatMap((n) => [n, `${n}/*`]);
}

/** The worker that keeps the page in the browser, with the list of its files in it. */
async function makeOfflineWorker(): Promise<void> {
  const out = join(root, 'web/dist');
  const files = [...sourcesIn(out)].map((path) => {
    const url = `/${relative(out, path)}`;
    // names below assets change with what is in them
    return { url, revision: url.startsWith('/assets/') ? null : createHash('sha256').update(readFileSync(path)).digest('hex').slice(0, 16) };
  });
  await bundle({
    entryPoints: [join(root, 'web/src/workers/offline.ts')],
    outfile: join(out, 'sw.js'),
    bundle: true,
    minify: true,
    platform: 'browser',
    target: 'es2022',
    format: 'iife',
    define: { pageFiles: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
    tsconfig: join(root, 'tsconfig.base.json'),
    logLevel: 'warning',
  });
}

async function make(target: Target): Promise<void> {
  if (target === 'web') {
    const made = await run(process.execPath, [join(root, 'node_modules/vite/bin/vite.js'), 'build', '--logLevel', 'error'], {
      cwd: join(root, 'web'),
      // what runs is the page as people use it, whoever has it built
      env: { NODE_ENV: 'production' },
      quiet: true,
    });
    if (made.code !== 0) throw new Failure(`The page could not be built:\n${made.output.trim()}`);
    await makeOfflineWorker();
    return;
  }
  await bundle({
    entryPoints: (target === 'server' ? ['main.ts', 'threadWork.ts'] : ['main.ts']).map((file) => join(root, target, 'src', file)),
    outdir: join(root, target, 'dist'),
    entryNames: '[name]',
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    sourcemap: true,
    external: externals(target),
    tsconfig: join(root, 'tsconfig.base.json'),
    logLevel: 'warning',
  });
}

/** Builds what changed since it was last built; says so. */
export async function built(...wanted: readonly Target[]): Promise<void> {
  mkdirSync(stateDir, { recursive: true });
  for (const target of wanted) {
    const stamp = join(stateDir, `built-${target}`);
    const now = digest(target);
    const out = join(root, target, 'dist');
    if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now && existsSync(out) && statSync(out).isDirectory()) continue;
    console.error(`oddment: building ${target}`);
    await make(target);
    writeFileSync(stamp, now);
  }
}
