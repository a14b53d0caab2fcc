import { readdirSync, readFileSync } from 'node:fs';

const ticksPerSecond = 100;

export interface CpuSeconds {
  readonly server: number;
  readonly database: number;
}

/** Seconds of CPU that the server and PostgreSQL have taken so far on this machine; nothing where it does not tell. */
export function cpuSeconds(): CpuSeconds {
  const sum = { server: 0, database: 0 };
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const command = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
      const which = command.includes('server/dist/main.js') ? 'server' : /^postgres:/.test(command) ? 'database' : undefined;
      if (!which) continue;
      const fields = readFileSync(`/proc/${pid}/stat`, 'utf8')
        .replace(/^.*\) /, '')
        .split(' ');
      sum[which] += (Number(fields[11]) + Number(fields[12])) / ticksPerSecond;
    } catch {
      // a process that ended meanwhile
    }
  }
  return sum;
}
