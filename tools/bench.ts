import { rmSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { built } from './build.ts';
import { command, Failure, root, stateDir } from './place.ts';
import { run } from './run.ts';

/** Seconds from starting the start command until it says that it runs; it is ended again. */
function startSeconds(data: string): Promise<number> {
  const begun = performance.now();
  return new Promise((done, failed) => {
    const child = spawn(join(root, 'oddment'), ['start', '--port', '4799', '--data', data, '--no-demo'], { cwd: root, stdio: ['ignore', 'pipe', 'inherit'] });
    let seconds: number | undefined;
    child.stdout.on('data', (chunk: Buffer) => {
      if (!chunk.toString().includes('runs at')) return;
      seconds = (performance.now() - begun) / 1000;
      child.kill('SIGTERM');
    });
    child.on('exit', (code) => {
      if (seconds === undefined) failed(new Failure(`the start command ended with ${String(code)}`));
      else done(seconds);
    });
  });
}

await command(async () => {
  await built('bench', 'server', 'web');
  const done = await run(process.execPath, [join(root, 'bench/dist/main.js')]);
  if (done.code !== 0) throw new Failure('The plans could not be measured: see above.');
  const data = join(stateDir, 'bench-data');
  rmSync(data, { recursive: true, force: true });
  const first = await startSeconds(data);
  const again = [await startSeconds(data), await startSeconds(data), await startSeconds(data)].sort((a, b) => a - b);
  rmSync(data, { recursive: true, force: true });
  console.log(`start until ready: first on a new data directory ${first.toFixed(1)} s; again ${(again[1] ?? 0).toFixed(1)} s (median of three)   aim 10 s`);
  return 0;
});
