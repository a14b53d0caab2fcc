import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './run.ts';
import { command, Failure, root } from './place.ts';

// writes docs/job-file.schema.json from the tables of asks; a test holds the two together
await command(async () => {
  const code = "import { jobFileSchema } from '@oddment/contracts'; process.stdout.write(JSON.stringify(jobFileSchema(), null, 2) + '\\n');";
  const made = await run(process.execPath, ['--import', join(root, 'node_modules/tsx/dist/loader.mjs'), '--input-type=module', '-e', code], {
    cwd: join(root, 'cli'),
    quiet: true,
    env: { TSX_TSCONFIG_PATH: join(root, 'tsconfig.base.json') },
  });
  if (made.code !== 0) throw new Failure(made.output);
  writeFileSync(join(root, 'docs/job-file.schema.json'), made.output);
  return 0;
});
