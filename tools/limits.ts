import { cliCommand } from './cli.ts';

await cliCommand('limits');
