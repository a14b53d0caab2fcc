import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { setTimeout as pause } from 'node:timers/promises';
import pg from 'pg';
import { cpuSeconds } from './cpu.ts';
import { acts, done, firmDay, FirmClient, writes, type Answered } from './client.ts';
import { jobsEach, repairsEach, seed, sizes } from './seed.ts';

export interface ScaleOptions {
  readonly address: string;
  /** of the role that owns the database */
  readonly databaseUrl: string;
  readonly firms: number;
  /** how many times faster than life the day goes */
  readonly speed: number;
  /** hours of the working day that are lived, from its first on */
  readonly hours: number;
  readonly log: (line: string) => void;
}

const workingHours = 10;
/** of a working day, the first hour and the last: everybody opens the jobs, everybody closes them */
const shareAtEnds = 0.4;
const atOnce = 60;
const loadSeconds = 10;

/** The same numbers at each run. */
function pseudoRandom(seedNumber: number): () => number {
  let state = seedNumber;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

const at = (times: readonly number[], share: number): number => [...times].sort((a, b) => a - b)[Math.floor(times.length * share)] ?? 0;
const ms = (n: number): string => (n < 10_000 ? `${n.toFixed(0)} ms` : `${(n / 1000).toFixed(0)} s`);

/** As many clients as are asked for, each on and on until the time is over. */
async function load(seconds: number, one: (client: number) => Promise<Answered>): Promise<readonly Answered[]> {
  const end = performance.now() + seconds * 1000;
  const all: Answered[] = [];
  await Promise.all(
    Array.from({ length: atOnce }, async (_, client) => {
      while (performance.now() < end) all.push(await one(client));
    }),
  );
  return all;
}

async function bareServer(databaseUrl: string): Promise<{ readonly address: string; readonly end: () => void }> {
  const child = fork(fileURLToPath(import.meta.url), { env: { ...process.env, ODDMENT_BENCH_BARE: databaseUrl } });
  const port = await new Promise<number>((ready, failed) => {
    child.once('message', (message) => {
      ready((message as { port: number }).port);
    });
    child.once('exit', () => {
      failed(new Error('the bare server ended'));
    });
  });
  return { address: `http://127.0.0.1:${String(port)}`, end: () => child.kill() };
}

/** The end of an address: a job, and its firm. */
async function anyJob(databaseUrl: string): Promise<string> {
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  const { rows } = await client.query<{ job: string }>(`select firm_id || '/' || id as job from jobs limit 1`);
  await client.end();
  return rows[0]?.job ?? '';
}

/** How many failed, and how many were refused in which way: a bench that is refused measures refusals. */
function failures(all: readonly Answered[]): string {
  const counts = new Map<number, number>();
  for (const { status } of all) if (status >= 400 && status < 500) counts.set(status, (counts.get(status) ?? 0) + 1);
  const failed = all.filter((a) => a.status === 0 || a.status >= 500).length;
  return [`${String(failed)} failed`, ...[...counts].map(([status, n]) => `${String(n)} refused with ${String(status)}`)].join(', ');
}

/** Sixty clients at once: reads and writes beside a bare SELECT, and the whole mix of a day. */
async function underLoad({ databaseUrl, log }: ScaleOptions, firms: readonly FirmClient[], random: () => number): Promise<void> {
  const bare = await bareServer(databaseUrl);
  const job = await anyJob(databaseUrl);
  const asked = async (): Promise<Answered> => {
    const since = performance.now();
    const response = await fetch(`${bare.address}/bare/${job}`);
    await response.arrayBuffer();
    return { what: 'bare', ms: performance.now() - since, status: response.status };
  };
  const firm = (client: number): FirmClient => {
    const one = firms[client % firms.length];
    if (!one) throw new Error('there is no firm');
    return one;
  };
  await load(2, asked);
  const bares = await load(loadSeconds, asked);
  bare.end();
  await load(2, (client) => done(firm(client), 'open', performance.now()));
  const opens = await load(loadSeconds, (client) => done(firm(client), 'open', performance.now()));
  const saves = await load(loadSeconds, (client) => done(firm(client), 'save', performance.now()));
  const base = at(
    bares.map((a) => a.ms),
    0.95,
  );
  for (const [words, all, aim] of [
    ['a bare SELECT of a job through Express', bares, ''],
    ['opening a job', opens, '2.5'],
    ['saving a repair', saves, '4'],
  ] as const) {
    const p95 = at(
      all.map((a) => a.ms),
      0.95,
    );
    const times = aim === '' ? '' : `, ${(p95 / base).toFixed(1)} times the bare one   aim ${aim}`;
    log(`${String(atOnce)} clients at once, ${words}: ${(all.length / loadSeconds).toFixed(0)} a second, p95 ${ms(p95)}${times}; ${failures(all)}`);
  }
  const often = acts.flatMap((act) => Array.from({ length: act === 'sheets' || act === 'signIn' ? 0 : firmDay[act] }, () => act));
  const before = cpuSeconds();
  const mixed = await load(2 * loadSeconds, (client) => done(firm(client), often[Math.floor(random() * often.length)] ?? 'open', performance.now()));
  log(
    `${String(atOnce)} clients at once, everything of a day but sheets: ${(mixed.length / 2 / loadSeconds).toFixed(0)} requests a second; ${failures(mixed)}`,
  );
  const after = cpuSeconds();
  const each = (which: 'server' | 'database') => `${(((after[which] - before[which]) / mixed.length) * 1000).toFixed(1)} ms`;
  log(`CPU of each of them: ${each('server')} in the server, ${each('database')} in the database`);
  const sheets: number[] = [];
  for (let i = 0; i < 8; i++) sheets.push((await done(firm(i), 'sheets', performance.now())).ms);
  log(`sheets of a job of ${String(repairsEach)} repairs as PDF, alone: ${ms(at(sheets, 0.5))} (median of ${String(sheets.length)})`);
}

interface Planned {
  readonly atMs: number;
  readonly firm: FirmClient;
  readonly act: (typeof acts)[number];
}

/** What all firms do in a day, at moments of it that go faster than life; signing in is first. */
function dayOf(firms: readonly FirmClient[], speed: number, random: () => number): readonly Planned[] {
  const wholeMs = (workingHours * 3_600_000) / speed;
  const hourMs = wholeMs / workingHours;
  const moment = () => {
    if (random() >= shareAtEnds) return hourMs + random() * (wholeMs - 2 * hourMs);
    return random() < 0.5 ? random() * hourMs : wholeMs - random() * hourMs;
  };
  return firms
    .flatMap((firm) => acts.flatMap((act) => (act === 'signIn' ? [] : Array.from({ length: firmDay[act] }, (): Planned => ({ atMs: moment(), firm, act })))))
    .sort((a, b) => a.atMs - b.atMs);
}

/** As many requests as wait at once: beyond it the bench itself would be what is measured. */
const mostWaiting = 400;

/** Lets the day happen: each request at its moment, or as soon after as there is room; its time counts from its moment. */
async function live(day: readonly Planned[], log: (line: string) => void): Promise<{ readonly all: readonly Answered[]; readonly seconds: number }> {
  const begun = performance.now();
  const all: Answered[] = [];
  let waiting = 0;
  let told = begun;
  for (const { atMs, firm, act } of day) {
    const since = begun + atMs;
    while (performance.now() < since || waiting >= mostWaiting) await pause(1);
    waiting += 1;
    void done(firm, act, since).then((answered) => {
      all.push(answered);
      waiting -= 1;
    });
    if (performance.now() - told > 60_000) {
      told = performance.now();
      log(
        `  ${String(all.length)} of ${String(day.length)} requests after ${((told - begun) / 1000).toFixed(0)} s, ${Math.max(0, (told - since) / 1000).toFixed(0)} s late`,
      );
    }
  }
  while (waiting > 0) await pause(10);
  return { all, seconds: (performance.now() - begun) / 1000 };
}

/** A database of many firms, and a day of all of them. */
export async function measureScale(options: ScaleOptions): Promise<void> {
  const { address, databaseUrl, firms: count, speed, log } = options;
  const random = pseudoRandom(1);
  const begun = performance.now();
  await seed(address, databaseUrl, count);
  log(
    `${String(count)} firms of ${String(jobsEach)} jobs with ${String(repairsEach)} repairs each, made in ${((performance.now() - begun) / 1000).toFixed(0)} s (rows copied in the database)`,
  );
  for (const { table, rows, bytes } of await sizes(databaseUrl))
    if (rows > count / 2) log(`  ${table}: ${String(rows)} rows, ${(bytes / 1e6).toFixed(0)} MB with indexes, ${(bytes / rows).toFixed(0)} bytes a row`);
  const firms = Array.from({ length: count }, (_, i) => new FirmClient(address, `firm-${String(i + 1)}`, (most) => Math.floor(random() * most)));
  const signing = performance.now();
  let next = 0;
  let refused = 0;
  await Promise.all(
    Array.from({ length: 8 }, async () => {
      for (let firm = firms[next++]; firm; firm = firms[next++]) if ((await firm.signIn()) >= 300) refused += 1;
    }),
  );
  log(`signing in, eight at once: ${(count / ((performance.now() - signing) / 1000)).toFixed(0)} a second; ${String(refused)} refused`);
  await underLoad(options, firms, random);
  const plannedSeconds = (options.hours * 3600) / speed;
  const day = dayOf(firms, speed, random).filter((one) => one.atMs < plannedSeconds * 1000);
  log(
    `a day of ${String(count)} firms, its first ${String(options.hours)} hours of ${String(workingHours)}: ${String(day.length)} requests in ${plannedSeconds.toFixed(0)} s`,
  );
  const { all, seconds } = await live(day, log);
  log(`  done after ${seconds.toFixed(0)} s, ${(all.length / seconds).toFixed(0)} requests a second; ${failures(all)}`);
  for (const act of acts) {
    const of = all.filter((a) => a.what === act);
    if (of.length === 0) continue;
    const times = of.map((a) => a.ms);
    log(
      `  ${act.padEnd(9)} ${String(of.length).padStart(7)}: p50 ${ms(at(times, 0.5))}, p95 ${ms(at(times, 0.95))}, p99 ${ms(at(times, 0.99))}${writes.includes(act) ? ', a write' : ''}; ${failures(of)}`,
    );
  }
  for (const { table, rows, bytes } of (await sizes(databaseUrl)).slice(0, 6)) log(`  after it ${table}: ${String(rows)} rows, ${(bytes / 1e6).toFixed(0)} MB`);
}
