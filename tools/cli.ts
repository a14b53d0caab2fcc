import { join } from 'node:path';
import { spawnSync } from 'node:child_process';
import { built } from './build.ts';
import { command, root } from './place.ts';

/** Builds the command line if it changed and hands over to it, from where the person stands. */
export function cliCommand(name: string): Promise<void> {
  return command(async () => {
    await built('cli');
    const done = spawnSync(process.execPath, [join(root, 'cli/dist/main.js'), name, ...process.argv.slice(2)], {
      cwd: process.env['ODDMENT_HERE'] ?? root,
      stdio: 'inherit',
    });
    return done.status ?? 1;
  });
}
