import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { fileAndData, hasDatabase } from './dataOption.ts';
import { command, Failure } from './place.ts';
import { clientProgram, startPostgres } from './postgres.ts';
import { run } from './run.ts';

await command(async () => {
  const { file, dataDir } = fileAndData(process.argv.slice(2), './oddment restore FILE [--data DIR]');
  if (!existsSync(file)) throw new Failure(`${file} is not there.`);
  if (hasDatabase(dataDir)) throw new Failure(`${dataDir} holds data already. Restore into an empty directory with --data, or move this one away first.`);
  const postgres = await startPostgres(join(dataDir, 'database'));
  const done = await run(clientProgram('pg_restore'), ['--no-owner', '--single-transaction', '--exit-on-error', '--dbname', postgres.url, file], {
    quiet: true,
  });
  await postgres.stop();
  if (done.code !== 0) throw new Failure(`${file} could not be restored. Nothing of it was taken: ${done.output.trim()}`);
  console.log(`Restored into ${dataDir}. Start it with: ./oddment start --data ${dataDir}`);
  return 0;
});
