import type { Page } from '@playwright/test';

export interface JobTree {
  readonly id: string;
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
  await page.getByRole('group', { name: question, exact: true }).first().getByRole('button', { name: choice, exact: true }).click();
}

/** Waits until everything typed has reached the server. */
export async function allSaved(page: Page): Promise<void> {
  await page.getByText('all saved').waitFor({ timeout: 15_000 });
}

/** A copy of the bathhouse that nobody else looks at: its job file, taken in again, its days made as usual. */
export async function ownJob(page: Page, change: (file: { days?: unknown; job: { site: string } }) => void = () => undefined): Promise<JobTree> {
  const { id } = await demoJob(page);
  const file = (await (await page.request.get(`/api/jobs/${id}/file`)).json()) as { days?: unknown; job: { site: string } };
  // under a name of its own, so that nobody takes it for the one of the demo
  delete file.days;
  file.job.site = `Copy of ${file.job.site}`;
  change(file);
  const taken = await page.request.post('/api/job-files', { data: file });
  return (await taken.json()) as JobTree;
}
