import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { createServer, request, type Server } from 'node:http';
import { allSaved, demoJob, ownJob, removeJob, screenOf } from './job.ts';
import { demoPort } from './places.ts';

test.use({ serviceWorkers: 'allow' });

/** The server as it is reached over a line that can be cut. */
class Line {
  readonly #server: Server;
  #up = true;
  /** what is put behind files of the page as they pass, by their path: another version of them */
  readonly newer = new Map<string, string>();

  constructor() {
    this.#server = createServer((req, res) => {
      if (!this.#up) {
        req.socket.destroy();
        return;
      }
      const path = req.url ?? '/';
      const behind = this.newer.get(path);
      const headers = behind === undefined ? req.headers : { ...req.headers, 'accept-encoding': 'identity', 'if-none-match': '', 'if-modified-since': '' };
      const onward = request({ host: '127.0.0.1', port: demoPort(), method: req.method, path, headers }, (answer) => {
        const { 'content-length': _length, etag: _etag, ...told } = answer.headers;
        res.writeHead(answer.statusCode ?? 502, behind === undefined ? answer.headers : told);
        if (behind === undefined) answer.pipe(res);
        else {
          answer.pipe(res, { end: false });
          answer.on('end', () => res.end(behind));
        }
      });
      onward.on('error', () => res.destroy());
      req.pipe(onward);
    });
  }

  async open(): Promise<string> {
    await new Promise<void>((ready) => this.#server.listen(0, '127.0.0.1', ready));
    const address = this.#server.address();
    return `http://127.0.0.1:${String(typeof address === 'object' && address !== null ? address.port : 0)}`;
  }

  cut(): void {
    this.#up = false;
    this.#server.closeAllConnections();
  }

  mend(): void {
    this.#up = true;
  }

  close(): void {
    this.#server.closeAllConnections();
    this.#server.close();
  }
}

let line: Line;
let base: string;
test.beforeEach(async () => {
  line = new Line();
  base = await line.open();
});
test.afterEach(() => {
  line.close();
});

/** Opens a page and waits until the browser keeps all of it. */
async function openKept(page: Page, path: string): Promise<void> {
  await page.goto(`${base}${path}`);
  await expect(page.getByText('all saved')).toBeVisible();
  await page.evaluate(async () => {
    const { active } = await navigator.serviceWorker.ready;
    if (active?.state !== 'activated') await new Promise((done) => active?.addEventListener('statechange', done, { once: true }));
  });
  // what a job needs besides itself is read once the page has nothing better to do
  await page.waitForTimeout(1500);
}

test('without a server the page opens, every stage of a job opened before works, and says how old what it shows is', async ({ page }) => {
  const path = await screenOf(page, 'PS-02', 'walk');
  await openKept(page, path);
  line.cut();
  await page.goto(`${base}${path}`);
  await expect(page.getByRole('status').filter({ hasText: 'the server does not answer, shown as read at' })).toBeVisible();
  // stages whose scripts were never loaded before
  for (const [stage, words] of [
    ['match', /fits/],
    ['method', /Clean|Open|Grind/],
    ['mix', /Resin|Mix|part/],
  ] as const) {
    await page.goto(`${base}${path.replace('/walk/', `/${stage}/`)}`);
    await expect(page.getByText(words).first()).toBeVisible();
    await expect(page.getByText('could not be loaded')).toHaveCount(0);
  }
  for (const [stage, heading] of [
    ['options', /PS-02/],
    ['days', /^Days$/],
  ] as const) {
    await page.goto(`${base}${path.replace('/walk/', `/${stage}/`)}`);
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
  }
  line.mend();
  await page.goto(`${base}${path}`);
  await allSaved(page);
});

test('what two pages type without a server arrives from both, also after they are closed', async ({ page, context }) => {
  const job = await ownJob(page);
  const of = (mark: string) => job.areas.flatMap((a) => a.defects).find((d) => d.mark === mark)?.id ?? '';
  const path = (mark: string) => `/jobs/${job.id}/walk/${of(mark)}`;
  await openKept(page, path('WH-01'));
  const other = await context.newPage();
  await openKept(other, path('WH-02'));
  line.cut();
  await page.getByLabel('Note').fill('from the first page');
  await other.getByLabel('Note').fill('from the second page');
  for (const one of [page, other]) await expect(one.getByText(/kept here/)).toBeVisible();
  await other.close();
  await page.goto('about:blank');
  line.mend();
  await page.goto(`${base}${path('WH-01')}`);
  await allSaved(page);
  await expect
    .poll(async () => {
      const tree = (await (await page.request.get(`${base}/api/jobs/${job.id}`)).json()) as { areas: { defects: { id: string; note?: string }[] }[] };
      const note = (mark: string) => tree.areas.flatMap((a) => a.defects).find((d) => d.id === of(mark))?.note;
      return [note('WH-01'), note('WH-02')];
    })
    .toEqual(['from the first page', 'from the second page']);
  await removeJob(page, job.id);
});

test('what two pages type into the same defect without a server meets, and the person chooses field by field', async ({ page, context }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-01')?.id ?? '';
  const path = `/jobs/${job.id}/walk/${id}`;
  await openKept(page, path);
  const other = await context.newPage();
  await openKept(other, path);
  line.cut();
  await page.getByLabel('Note').fill('mine here');
  await other.getByLabel('Length', { exact: true }).fill('7.7 m');
  for (const one of [page, other]) await expect(one.getByText(/kept here/)).toBeVisible();
  line.mend();
  // one of them arrives, the other meets it
  const met = page.getByRole('alert').filter({ hasText: 'it was changed meanwhile' });
  const metThere = other.getByRole('alert').filter({ hasText: 'it was changed meanwhile' });
  await expect(met.or(page.getByText('all saved'))).toBeVisible();
  const stuck = (await met.count()) > 0 ? met : metThere;
  await expect(stuck).toContainText('Note');
  await expect(stuck).toContainText('Length');
  // each field as whoever changed it left it: nothing to choose here
  await stuck.getByRole('button', { name: 'Save what is chosen' }).click();
  for (const one of [page, other]) await allSaved(one);
  await page.reload();
  await expect(page.getByLabel('Note')).toHaveValue('mine here');
  await expect(page.getByLabel('Length', { exact: true })).toHaveValue(/^7\.7/);
  await removeJob(page, job.id);
});

test('begun, done and deleted without a server is shown at once, and arrives', async ({ page }) => {
  const job = await ownJob(page);
  const tree = (await (await page.request.get(`/api/jobs/${job.id}`)).json()) as {
    version: number;
    areas: { version: number; defects: { id: string; mark: string; version: number }[] }[];
  };
  const area = tree.areas.find((a) => a.defects.some((d) => d.mark === 'WH-01'));
  const defect = area?.defects.find((d) => d.mark === 'WH-01');
  const planId = crypto.randomUUID();
  const issued = await page.request.post(`/api/defects/${defect?.id ?? ''}/plans`, {
    data: { id: planId, change: crypto.randomUUID(), jobVersion: tree.version, areaVersion: area?.version, defectVersion: defect?.version },
  });
  expect(issued.status()).toBe(201);
  await openKept(page, `/jobs/${job.id}/plans/${planId}`.replace(`/plans/${planId}`, '/walk'));
  await page.goto(`${base}/jobs/${job.id}/plans/${planId}`);
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible();
  line.cut();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await page.goto(`${base}/jobs/${job.id}/plans`);
  await expect(page.getByRole('row').filter({ hasText: 'WH-01' })).toContainText('done');
  await page.goto(`${base}/jobs/${job.id}/walk/${defect?.id ?? ''}`);
  await expect(page.getByText('2 kept here, the server does not answer')).toBeVisible();
  line.mend();
  await allSaved(page);
  const [plan] = (await (await page.request.get(`/api/jobs/${job.id}/plans`)).json()) as { state: string }[];
  expect(plan?.state).toBe('done');
  await removeJob(page, job.id);
});

test('a photo taken without a server is made smaller without one, and arrives', async ({ page }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-03')?.id ?? '';
  await openKept(page, `/jobs/${job.id}/walk/${id}`);
  line.cut();
  const bytes = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(2400, 1800);
    const paper = canvas.getContext('2d');
    for (let i = 0; i < 400; i++) {
      if (paper) paper.fillStyle = `hsl(${String(i)} 60% 50%)`;
      paper?.fillRect((i * 37) % 2400, (i * 91) % 1800, 200, 200);
    }
    const blob = await canvas.convertToBlob({ type: 'image/jpeg' });
    return [...new Uint8Array(await blob.arrayBuffer())];
  });
  await page.getByLabel('Photo files').setInputFiles([{ name: 'cellar.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(bytes) }]);
  await expect(page.getByText('Kept here, the server does not answer.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('cellar.jpg')).toBeVisible();
  line.mend();
  await expect(page.getByText('1 of 12')).toBeVisible();
  await removeJob(page, job.id);
});

/** A browser whose storage takes nothing more. */
async function fullBrowser(context: BrowserContext): Promise<void> {
  await context.addInitScript(() => {
    IDBObjectStore.prototype.put = function () {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
  });
}

test('a browser that keeps nothing says so at once at the field, and a photo arrives all the same', async ({ page, context }) => {
  await fullBrowser(context);
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-02')?.id ?? '';
  await page.goto(`${base}/jobs/${job.id}/walk/${id}`);
  await page.route('**/api/defects/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await page.getByLabel('Length', { exact: true }).fill('12.5 m');
  await expect(page.getByText(/This browser does not keep what is typed/).first()).toBeVisible();
  await expect(page.getByText(/not kept in this browser: leave this page open/)).toBeVisible();
  await page.unroute('**/api/defects/*');
  await allSaved(page);
  await page.getByLabel('Photo files').setInputFiles([
    {
      name: 'full.jpg',
      mimeType: 'image/jpeg',
      buffer: Buffer.from(
        await page.evaluate(async () => {
          const canvas = new OffscreenCanvas(300, 200);
          canvas.getContext('2d')?.fillRect(10, 10, 50, 50);
          return [...new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg' })).arrayBuffer())];
        }),
      ),
    },
  ]);
  await expect(page.getByText('1 of 12')).toBeVisible();
  await removeJob(page, job.id);
});

test('a session that has ended says so, keeps what is typed, and goes on after signing in', async ({ page }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-01')?.id ?? '';
  await page.goto(`${base}/jobs/${job.id}/walk/${id}`);
  await allSaved(page);
  // the demo would sign in by itself: the door stays shut until it is let
  await page.route('**/api/demo-session', (route) => route.fulfill({ status: 403, contentType: 'application/problem+json', body: '{"detail":"not now"}' }));
  await page.context().clearCookies();
  await page.getByLabel('Note').fill('typed after the end');
  await expect(page.getByRole('heading', { name: 'Sign in to Oddment' })).toBeVisible();
  await expect(page.getByText(/You are signed out/)).toBeVisible();
  await page.unroute('**/api/demo-session');
  await demoJob(page);
  await page.reload();
  await expect(page.getByLabel('Note')).toHaveValue('typed after the end');
  await allSaved(page);
  await removeJob(page, job.id);
});

test('a newer version waits until it is taken, and what is being typed goes on behind it', async ({ page }) => {
  const job = await ownJob(page);
  const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-01')?.id ?? '';
  await openKept(page, `/jobs/${job.id}/walk/${id}`);
  line.newer.set('/sw.js', '\n// the next version');
  await page.reload();
  await expect(page.getByText('There is a newer version of Oddment.')).toBeVisible();
  await page.route('**/api/defects/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  await page.getByLabel('Note').fill('typed under the old version');
  await expect(page.getByText(/kept here/)).toBeVisible();
  await page.unroute('**/api/defects/*');
  await page.getByRole('button', { name: 'Load it' }).click();
  await expect(page.getByText('There is a newer version of Oddment.')).toHaveCount(0);
  await expect(page.getByLabel('Note')).toHaveValue('typed under the old version');
  await allSaved(page);
  await removeJob(page, job.id);
});

test.describe('in a browser that keeps no page', () => {
  test.use({ serviceWorkers: 'block' });

  test('a part that cannot be loaded says so, and what was typed is there when the page is loaded again', async ({ page }) => {
    const job = await ownJob(page);
    const id = job.areas.flatMap((a) => a.defects).find((d) => d.mark === 'WH-01')?.id ?? '';
    await page.goto(`${base}/jobs/${job.id}/walk/${id}`);
    await allSaved(page);
    await page.route('**/assets/Mix-*', (route) => route.abort());
    await page.getByLabel('Note').fill('before the part was missing');
    await page.keyboard.press('Tab');
    await page.getByRole('navigation', { name: 'Stages of the work' }).getByRole('link', { name: /Mix/ }).click();
    await expect(page.getByRole('heading', { name: 'This part of the page could not be loaded' })).toBeVisible();
    await page.unroute('**/assets/Mix-*');
    await page.getByRole('button', { name: 'Load the page again' }).click();
    await page.goto(`${base}/jobs/${job.id}/walk/${id}`);
    await expect(page.getByLabel('Note')).toHaveValue('before the part was missing');
    await allSaved(page);
    await removeJob(page, job.id);
  });
});
