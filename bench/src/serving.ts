import { unnamed } from '@oddment/core';
import express from 'express';
import { randomUUID } from 'node:crypto';
import type { Server } from 'node:http';
import pg from 'pg';
import { benchJob } from './benchJob.ts';
import { houseFile } from './houseFile.ts';

const defects = 40;
const rounds = 200;

export interface Serving {
  readonly openP95Ms: number;
  readonly bareP95Ms: number;
  readonly requests: number;
  /** the sheets of a house of 34 repairs as PDF, asked over the API, one after the other */
  readonly sheetsMs: readonly number[];
}

function p95(times: readonly number[]): number {
  return [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)] ?? 0;
}

async function timed(act: () => Promise<Response>): Promise<number> {
  const start = performance.now();
  const response = await act();
  await response.arrayBuffer();
  if (!response.ok) throw new Error(`the bench was answered ${String(response.status)}`);
  return performance.now() - start;
}

/** A job of forty defects, made over the API; returns its id. */
async function makeJob(address: string, cookie: string): Promise<string> {
  const post = async (path: string, body: object) => {
    const response = await fetch(`${address}/api${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie },
      body: JSON.stringify(body),
    });
    if (!response.ok) throw new Error(await response.text());
  };
  const [job, area] = [randomUUID(), randomUUID()];
  await post('/jobs', {
    id: job,
    change: randomUUID(),
    site: 'Bench',
    client: '',
    timeZone: 'UTC',
    units: 'metric',
    startAt: '2026-06-02T06:00:00Z',
    crew: unnamed(2),
  });
  await post(`/jobs/${job}/areas`, { id: area, change: randomUUID(), name: 'Bench', facts: {} });
  for (let i = 0; i < defects; i++) {
    const { facts } = benchJob(i).defect;
    await post(`/areas/${area}/defects`, {
      id: randomUUID(),
      change: randomUUID(),
      kind: 'slab-crack',
      mark: `B-${String(i)}`,
      facts,
      confirmed: [],
      decisions: [],
    });
  }
  return job;
}

/** How long the sheets of a house of 34 repairs take as PDF, with the first one cold. */
async function sheetsOfHouse(address: string, cookie: string): Promise<number[]> {
  const made = await fetch(`${address}/api/job-files`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify(houseFile(34)),
  });
  if (!made.ok) throw new Error(await made.text());
  const { id } = (await made.json()) as { id: string };
  const times: number[] = [];
  for (let i = 0; i < 5; i++) times.push(await timed(() => fetch(`${address}/api/jobs/${id}/sheets.pdf`, { headers: { cookie } })));
  return times;
}

/**
 * 'Open a job' of forty defects through the whole server, beside a bare SELECT of the same rows through
 * Express alone, by turns in the same run.
 */
export async function measureServing(address: string, databaseUrl: string): Promise<Serving> {
  const made = await fetch(`${address}/api/first-account`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ firm: 'Bench', name: 'Bench', login: 'bench', password: 'a long enough password' }),
  });
  const cookie = made.headers.get('set-cookie')?.split(';')[0] ?? '';
  const job = await makeJob(address, cookie);
  const pool = new pg.Pool({ connectionString: databaseUrl });
  const app = express();
  app.get('/bare', async (_req, res) => {
    const { rows } = await pool.query('select d.* from defects d join areas a on a.id = d.area_id where a.job_id = $1', [job]);
    res.json(rows);
  });
  const bare = await new Promise<Server>((ready) => {
    const server = app.listen(0, '127.0.0.1', () => {
      ready(server);
    });
  });
  const place = bare.address();
  const bareUrl = `http://127.0.0.1:${String(typeof place === 'object' && place !== null ? place.port : 0)}/bare`;
  const open = () => fetch(`${address}/api/jobs/${job}`, { headers: { cookie } });
  for (let i = 0; i < 50; i++) await Promise.all([timed(open), timed(() => fetch(bareUrl))]);
  const [opens, bares]: [number[], number[]] = [[], []];
  for (let i = 0; i < rounds; i++) {
    opens.push(await timed(open));
    bares.push(await timed(() => fetch(bareUrl)));
  }
  for (let i = 0; i < 1000 - rounds; i++) await timed(open);
  bare.closeAllConnections();
  await new Promise((done) => bare.close(done));
  await pool.end();
  return { openP95Ms: p95(opens), bareP95Ms: p95(bares), requests: 1000, sheetsMs: await sheetsOfHouse(address, cookie) };
}
