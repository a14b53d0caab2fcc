import { spawn } from 'node:child_process';
import { root } from './place.ts';

export interface RunResult {
  readonly code: number;
  readonly output: string;
}

/** Runs a program to its end; `quiet` keeps its output instead of showing it. */
export function run(program: string, args: readonly string[], options: { cwd?: string; env?: NodeJS.ProcessEnv; quiet?: boolean } = {}): Promise<RunResult> {
  return new Promise((done, failed) => {
    const child = spawn(program, args, { cwd: options.cwd ?? root, env: { ...process.env, ...options.env }, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    const take = (to: NodeJS.WriteStream) => (chunk: Buffer) => {
      output += chunk.toString();
      if (options.quiet !== true) to.write(chunk);
    };
    child.stdout.on('data', take(process.stdout));
    child.stderr.on('data', take(process.stderr));
    child.on('error', failed);
    child.on('close', (code) => {
      done({ code: code ?? 1, output });
    });
  });
}
