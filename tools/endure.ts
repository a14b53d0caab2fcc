import { parseArgs } from 'node:util';
import { databaseAddress } from './databaseAddress.ts';
import { command, Failure, stateDir } from './place.ts';
import { endure } from './enduring.ts';
import { join } from 'node:path';

await command(async () => {
  const { values } = parseArgs({
    args: process.argv.slice(2),
    options: { rounds: { type: 'string' }, database: { type: 'string' }, 'database-owner': { type: 'string' } },
  });
  const rounds = Number(values.rounds ?? 50);
  if (!Number.isInteger(rounds) || rounds < 1) throw new Failure(`--rounds is '${String(values.rounds)}'. It must be a whole number from 1.`, 2);
  const address = (name: 'database' | 'database-owner') => (values[name] === undefined ? undefined : databaseAddress(`--${name}`, values[name]));
  const [database, databaseOwner] = [address('database'), address('database-owner')];
  if (database?.includes(',')) throw new Failure('--database lists several hosts. Name the one that takes writes: its connections are ended.', 2);
  const result = await endure({
    dataDir: join(stateDir, 'endure'),
    port: 4797,
    rounds,
    ...(database !== undefined && { database }),
    ...(databaseOwner !== undefined && { databaseOwner }),
    log: (line) => {
      console.log(line);
    },
  });
  console.log(
    `${String(result.rounds)} kills, ${String(result.acknowledged)} writes acknowledged, ${String(result.lost)} lost, ${String(result.twice)} done twice`,
  );
  return result.lost === 0 && result.twice === 0 ? 0 : 1;
});
