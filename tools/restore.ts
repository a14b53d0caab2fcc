import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileAndData, hasDatabase, sha256Of, withoutPassword } from './dataOption.ts';
import { command, Failure } from './place.ts';
import { clientProgram, startPostgres } from './postgres.ts';
import { run } from './run.ts';

await command(async () => {
  const { file, dataDir, database } = fileAndData(process.argv.slice(2), './oddment restore FILE [--data DIR | --database URL]');
  if (!existsSync(file)) throw new Failure(`${file} is not there.`);
  if (database === undefined && hasDatabase(dataDir))
    throw new Failure(`${dataDir} holds data already. Restore into an empty directory with --data, or move this one away first.`);
  const sums = `${file}.sha256`;
  if (existsSync(sums)) {
    const [kept] = readFileSync(sums, 'utf8').split(/\s/);
    if (kept !== (await sha256Of(file)))
      throw new Failure(`${file} is not what was backed up: its checksum is not the one in ${sums}. Take another copy of it.`);
  } else console.error(`oddment: ${sums} is not there, so nobody can tell whether ${file} is whole`);
  const fresh = !existsSync(dataDir);
  const postgres = database === undefined ? await startPostgres(join(dataDir, 'database')) : undefined;
  const { url, env } = withoutPassword(database ?? postgres?.url ?? '');
  const done = await run(clientProgram('pg_restore'), ['--no-owner', '--single-transaction', '--exit-on-error', '--dbname', url, file], { quiet: true, env });
  await postgres?.stop();
  if (done.code !== 0) {
    // the directory is as empty as it was: the next try is not refused
    if (postgres) rmSync(fresh ? dataDir : join(dataDir, 'database'), { recursive: true, force: true });
    throw new Failure(`${file} could not be restored. Nothing of it was taken: ${done.output.trim()}`);
  }
  console.log(
    postgres
      ? `Restored into ${dataDir}. Start it with: ./oddment start --data ${dataDir}`
      : 'Restored. Start it with: ./oddment start --database and the same address',
  );
  return 0;
});
