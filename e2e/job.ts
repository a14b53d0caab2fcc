import { expect, type Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';

/** What a copy may change of a job file. */
export interface JobFileBody {
  days?: unknown;
  job: { site: string; crew: { name: string }[]; areas: { facts: { slabC?: { value: unknown } } }[] };
}

export interface JobTree {
  readonly id: string;
  readonly site: string;
  readonly areas: readonly { readonly id: string; readonly name: string; readonly defects: readonly { readonly id: string; readonly mark: string }[] }[];
}

/** Signs in to the demo and reads one of its jobs, the bathhouse where none is named. */
export async function demoJob(page: Page, site = 'Quarry Street Bathhouse'): Promise<JobTree> {
  const session = (await (await page.request.get('/api/session')).json()) as { state: string };
  if (session.state !== 'signed-in') await page.request.post('/api/demo-session', { data: {} });
  const jobs = (await (await page.request.get('/api/jobs')).json()) as { id: string; site: string }[];
  const id = jobs.find((j) => j.site === site)?.id ?? '';
  return (await (await page.request.get(`/api/jobs/${id}`)).json()) as JobTree;
}

/** The address of a screen of one repair of the demo. */
export async function screenOf(page: Page, mark: string, stage: string, site?: string): Promise<string> {
  const job = await demoJob(page, site);
  const defect = job.areas.flatMap((a) => a.defects).find((d) => d.mark === mark);
  return `/jobs/${job.id}/${stage}/${defect?.id ?? ''}`;
}

/** Answers a question that has buttons. */
export async function answer(page: Page, question: string, choice: string): Promise<void> {
  const asked = page.getByRole('group', { name: question, exact: true }).first();
  // what may stay open is folded away until it is asked for
  if (!(await asked.isVisible())) await page.getByRole('button', { name: /more that may stay open/ }).click();
  await asked.getByRole('button', { name: choice, exact: true }).click();
}

/** Waits until everything typed has reached the server. */
export async function allSaved(page: Page): Promise<void> {
  // no test fails for a busy machine: what did not arrive is tried again every few seconds
  await page.getByText('all saved').waitFor({ timeout: 60_000 });
}

/** A copy of a job that nobody else looks at, of the bathhouse where none is named: its job file, taken in again, its days made as usual. */
export async function ownJob(page: Page, site?: string, change: (file: JobFileBody) => void = () => undefined): Promise<JobTree> {
  const { id } = await demoJob(page, site);
  const file = (await (await page.request.get(`/api/jobs/${id}/file`)).json()) as JobFileBody;
  // under a name of its own, so that nobody takes it for the one of the demo
  delete file.days;
  file.job.site = `Copy ${randomUUID().slice(0, 6)} of ${file.job.site}`;
  change(file);
  const taken = await page.request.post('/api/job-files', { data: file });
  return (await taken.json()) as JobTree;
}

/** Takes a job out again: what it kept keeps nobody from other jobs. */
export async function removeJob(page: Page, id: string): Promise<void> {
  const { version } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as { version: number };
  await page.request.delete(`/api/jobs/${id}`, { data: { change: randomUUID(), version } });
}

/** A job of its own with nothing in it yet, by its id. */
export async function emptyJob(page: Page, site: string): Promise<string> {
  const id = randomUUID();
  const crew = ['person-1', 'person-2'].map((one) => ({ id: one, name: '', skills: [] }));
  const job = { id, change: randomUUID(), site, client: '', timeZone: 'UTC', units: 'metric', startAt: '2026-06-03T05:00:00Z', crew };
  expect((await page.request.post('/api/jobs', { data: job })).status()).toBe(201);
  return id;
}

/** An area in a job, about which nothing is known. */
export async function newArea(page: Page, jobId: string, name: string): Promise<void> {
  const area = { id: randomUUID(), change: randomUUID(), name, facts: {} };
  expect((await page.request.post(`/api/jobs/${jobId}/areas`, { data: area })).status()).toBe(201);
}

/** An address of every screen of the demo: those beside a job, and every stage and list of it. */
export async function allScreens(page: Page, job: JobTree): Promise<readonly string[]> {
  const stages = await Promise.all(['walk', 'match', 'method', 'mix', 'sheet', 'options', 'days'].map((stage) => screenOf(page, 'PS-01', stage)));
  const beside = ['table', 'plans', 'changes', 'offer', `walk/area/${job.areas[0]?.id ?? ''}`].map((path) => `/jobs/${job.id}/${path}`);
  const alone = ['/', '/shelf', '/shelf/epoxy-mortar', '/rules', '/figures', '/figures/lift-heat', '/people', '/bin', '/keys', '/day/Lise'];
  return [...alone, ...stages, ...beside];
}
