import { cliCommand } from './cli.ts';

await cliCommand('days');
