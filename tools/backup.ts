import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fileAndData, hasDatabase } from './dataOption.ts';
import { command, Failure } from './place.ts';
import { clientProgram, startPostgres } from './postgres.ts';
import { run } from './run.ts';

await command(async () => {
  const { file, dataDir } = fileAndData(process.argv.slice(2), './oddment backup FILE [--data DIR]');
  if (!hasDatabase(dataDir)) throw new Failure(`There is nothing to back up in ${dataDir}. Start Oddment on it first, or name another with --data.`);
  if (existsSync(file)) throw new Failure(`${file} is there already. Name a new file: a backup is never written over another.`);
  const postgres = await startPostgres(join(dataDir, 'database'));
  const done = await run(clientProgram('pg_dump'), ['--format=custom', '--no-owner', '--file', file, postgres.url], { quiet: true });
  if (!postgres.wasRunning) await postgres.stop();
  if (done.code !== 0) throw new Failure(`The backup failed: ${done.output.trim()}`);
  console.log(`Backed up to ${file}`);
  return 0;
});
