import type { Browser, CDPSession, Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';

interface JobFile {
  days?: unknown;
  job: { site: string; areas: { defects: { id: string; mark: string }[] }[] };
}
interface Taken {
  readonly id: string;
  readonly areas: readonly { readonly defects: readonly { readonly id: string; readonly mark: string }[] }[];
}

/** A job of so many repairs, from those of the demo: taken in as its file. */
async function jobOf(page: Page, count: number): Promise<Taken> {
  await page.request.post('/api/demo-session', { data: {} });
  const jobs = (await (await page.request.get('/api/jobs')).json()) as { id: string; site: string }[];
  const id = jobs.find((job) => job.site === 'Quarry Street Bathhouse')?.id ?? '';
  const file = (await (await page.request.get(`/api/jobs/${id}/file`)).json()) as JobFile;
  delete file.days;
  file.job.site = `${String(count)} repairs`;
  const areas = file.job.areas;
  const models = areas.map((area) => [...area.defects]);
  for (const area of areas) area.defects = [];
  for (let i = 0; i < count; i++) {
    const [area, own] = [areas[i % areas.length], models[i % areas.length] ?? []];
    const model = own[Math.floor(i / areas.length) % Math.max(1, own.length)] ?? models.flat()[0];
    if (model) area?.defects.push({ ...model, id: randomUUID(), mark: `B-${String(i + 1)}` });
  }
  const taken = await page.request.post('/api/job-files', { data: file });
  if (!taken.ok()) throw new Error(`the job of the bench was not taken: ${await taken.text()}`);
  return (await taken.json()) as Taken;
}

const letters = 'The gutter above it has leaked since autumn';

/** What the page's main thread did so far, in ms. */
async function busyMs(tools: CDPSession): Promise<number> {
  const { metrics } = await tools.send('Performance.getMetrics');
  return (metrics.find((m) => m.name === 'TaskDuration')?.value ?? 0) * 1000;
}

/** CPU of the page's main thread in ms: for a letter typed into a note of Walk, and for the saving after it. */
export async function typedMs(browser: Browser, address: string, count: number): Promise<{ readonly letter: number[]; readonly saving: number[] }> {
  const context = await browser.newContext({ baseURL: address, viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  const job = await jobOf(page, count);
  const tools = await context.newCDPSession(page);
  await tools.send('Performance.enable');
  const times = { letter: [] as number[], saving: [] as number[] };
  for (const defect of job.areas.flatMap((a) => a.defects).slice(0, 4)) {
    await page.goto(`/jobs/${job.id}/walk/${defect.id}`);
    const note = page.getByLabel('Note', { exact: true });
    await note.fill('');
    await page.getByText('all saved').waitFor({ timeout: 60_000 });
    await page.waitForTimeout(1500);
    await note.focus();
    // the first letters compile the code
    await page.keyboard.type('Seen. ', { delay: 80 });
    const before = await busyMs(tools);
    await page.keyboard.type(letters, { delay: 80 });
    const typed = await busyMs(tools);
    times.letter.push((typed - before) / letters.length);
    await page.getByText('all saved').waitFor({ timeout: 60_000 });
    await page.waitForTimeout(1500);
    times.saving.push((await busyMs(tools)) - typed);
  }
  await context.close();
  return times;
}
