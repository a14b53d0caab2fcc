import { existsSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { fileAndData, hasDatabase, sha256Of, withoutPassword } from './dataOption.ts';
import { command, Failure } from './place.ts';
import { clientProgram, startPostgres } from './postgres.ts';
import { run } from './run.ts';

await command(async () => {
  const { file, dataDir, database } = fileAndData(process.argv.slice(2), './oddment backup FILE [--data DIR | --database URL]');
  if (database === undefined && !hasDatabase(dataDir))
    throw new Failure(`There is nothing to back up in ${dataDir}. Start Oddment on it first, or name another with --data.`);
  if (existsSync(file)) throw new Failure(`${file} is there already. Name a new file: a backup is never written over another.`);
  const postgres = database === undefined ? await startPostgres(join(dataDir, 'database')) : undefined;
  // under another name until it is whole: what stands under its own can be relied on
  const half = `${file}.part`;
  const { url, env } = withoutPassword(database ?? postgres?.url ?? '');
  const done = await run(clientProgram('pg_dump'), ['--format=custom', '--no-owner', '--file', half, url], { quiet: true, env });
  if (postgres?.wasRunning === false) await postgres.stop();
  if (done.code !== 0) {
    rmSync(half, { force: true });
    throw new Failure(`The backup failed: ${done.output.trim()}`);
  }
  writeFileSync(`${file}.sha256`, `${await sha256Of(half)}  ${basename(file)}\n`);
  renameSync(half, file);
  console.log(`Backed up to ${file}, its checksum to ${file}.sha256: keep both`);
  return 0;
});
