import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { run } from './run.ts';
import { command, Failure, root } from './place.ts';

const schemas = [
  ['jobFileSchema', 'docs/job-file.schema.json'],
  ['planSchema', 'docs/plan.schema.json'],
  ['daysSchema', 'docs/days.schema.json'],
] as const;

// writes the published schemas from the tables that the code works from; tests hold them together
await command(async () => {
  for (const [made, file] of schemas) {
    const code = `import { ${made} } from '@oddment/contracts'; process.stdout.write(JSON.stringify(${made}(), null, 2) + '\\n');`;
    const done = await run(process.execPath, ['--import', join(root, 'node_modules/tsx/dist/loader.mjs'), '--input-type=module', '-e', code], {
      cwd: join(root, 'cli'),
      quiet: true,
      env: { TSX_TSCONFIG_PATH: join(root, 'tsconfig.base.json') },
    });
    if (done.code !== 0) throw new Failure(done.output);
    writeFileSync(join(root, file), done.output);
    console.log(file);
  }
  return 0;
});
