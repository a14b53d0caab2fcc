import { chromium, type Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { command, Failure, root, stateDir } from './place.ts';

const args = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
const port = 4798;

function startDemo(data: string): Promise<{ address: string; end: () => Promise<void> }> {
  return new Promise((ready, failed) => {
    const child = spawn(join(root, 'oddment'), ['start', '--port', String(port), '--data', data, '--clock', '2026-06-02T12:00:00Z'], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    const ended = new Promise<void>((done) =>
      child.once('exit', () => {
        done();
      }),
    );
    child.stdout.on('data', (chunk: Buffer) => {
      const address = /runs at (http:\S+)/.exec(chunk.toString())?.[1];
      if (address === undefined) return;
      ready({
        address,
        end: async () => {
          child.kill('SIGTERM');
          await ended;
        },
      });
    });
    void ended.then(() => {
      failed(new Failure('The start command ended before the pictures were made.'));
    });
  });
}

interface Shot {
  readonly file: string;
  readonly stage: string;
  readonly mark?: string;
  readonly phone?: true;
  readonly dark?: true;
  readonly act?: (page: Page) => Promise<void>;
}

/** Draws a made-up photo in the page and adds it: a slab with a crack and a damp edge. */
async function addPhoto(page: Page, withCard = false): Promise<void> {
  const jpeg = await page.evaluate(async (carded) => {
    const [w, h] = [1600, 1200];
    const canvas = new OffscreenCanvas(w, h);
    const brush = canvas.getContext('2d');
    if (!brush) throw new Error('no canvas');
    brush.fillStyle = '#a39d92';
    brush.fillRect(0, 0, w, h);
    // no named function in here: the loader would wrap it in a helper that the page does not have
    for (let i = 1; i < 30_000; i++) {
      const gray = 90 + ((i * 7919) % 80);
      brush.fillStyle = `rgba(${String(gray)},${String(gray - 4)},${String(gray - 12)},0.35)`;
      brush.fillRect((i * 613.37) % w, (i * i * 0.7071) % h, 7, 7);
    }
    const crack = Array.from({ length: 26 }, (_v, i) => [(w * i) / 25, h * (0.52 + 0.09 * Math.sin(i * 0.8) + 0.01 * ((i * 7) % 5))] as const);
    for (const [width, color] of [
      [90, 'rgba(60,52,44,0.25)'],
      [10, '#26221d'],
    ] as const) {
      brush.strokeStyle = color;
      brush.lineWidth = width;
      brush.beginPath();
      for (const [x, y] of crack) brush.lineTo(x, y);
      brush.stroke();
    }
    if (carded) {
      brush.fillStyle = '#f6f4ee';
      brush.lineWidth = 6;
      brush.beginPath();
      for (const [x, y] of [
        [560, 820],
        [1010, 806],
        [1052, 1120],
        [530, 1128],
      ] as const)
        brush.lineTo(x, y);
      brush.closePath();
      brush.fill();
      brush.stroke();
    }
    const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 })).arrayBuffer());
    return btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
  }, withCard);
  await page.getByLabel('Photo files').setInputFiles([{ name: 'damp.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(jpeg, 'base64') }]);
  await page.getByText('1 of 12').waitFor();
  await page.getByLabel('Caption').fill('Dark edge after wiping');
  await page.getByLabel('Caption').blur();
  await page.getByRole('button', { name: /show large/ }).scrollIntoViewIfNeeded();
}

/** Traces the crack on such a photo, with a card of known size beside it. */
async function tracePhoto(page: Page): Promise<void> {
  await addPhoto(page, true);
  await page.getByRole('button', { name: /show large/ }).click();
  await page.getByRole('button', { name: 'Measure on it' }).click();
  const picture = page.getByRole('img', { name: 'The photo to measure on' });
  await picture.waitFor();
  const box = await picture.boundingBox();
  if (!box) throw new Failure('There is no picture to trace on.');
  const place = (x: number, y: number): [number, number] => [box.x + (x / 1600) * box.width, box.y + (y / 1200) * box.height];
  for (const [i, corner] of (
    [
      [560, 820],
      [1010, 806],
      [1052, 1120],
      [530, 1128],
    ] as const
  ).entries()) {
    const grip = await page.getByRole('button', { name: `Corner ${String(i + 1)} of what is known` }).boundingBox();
    if (!grip) throw new Failure('There is no corner to place.');
    await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
    await page.mouse.down();
    await page.mouse.move(...place(corner[0], corner[1]), { steps: 3 });
    await page.mouse.up();
  }
  await page.getByRole('button', { name: 'Trace the line' }).click();
  for (const i of [1, 9, 17, 24]) await page.mouse.click(...place((1600 * i) / 25, 1200 * (0.52 + 0.09 * Math.sin(i * 0.8) + 0.01 * ((i * 7) % 5))));
  await page.locator('.trace dt').nth(6).waitFor();
}

/** Issues the plan of a repair, then measures it longer: what a plan shows that has been overtaken. */
async function issueAndChange(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Issue' }).click();
  await page.getByRole('heading', { name: 'Nothing has changed since' }).waitFor();
  const issued = page.url();
  await page.goBack();
  await page.getByRole('link', { name: 'Walk' }).click();
  await page.getByLabel('Length', { exact: true }).fill('14.5 m');
  await page.getByText('all saved').waitFor();
  await page.goto(issued);
  await page.getByRole('heading', { name: 'Since it was issued' }).waitFor();
}

/** Days are found, and one thing of the first is looked at. */
async function daysFound(page: Page): Promise<void> {
  await page.locator('.track').first().waitFor();
  await page.locator('.days-progress button').waitFor({ state: 'detached', timeout: 120_000 });
  await page.locator('.track').first().press('Enter');
}

/** All repairs as rows, two of them chosen. */
async function tableOfAll(page: Page): Promise<void> {
  await page.keyboard.press('/');
  for (const mark of ['PS-01', 'PS-02']) await page.getByRole('checkbox', { name: `Choose ${mark}` }).check();
}

/** The offer of a job, with other ways to go about one of its repairs and a line of its own. */
async function offerOfJob(page: Page): Promise<void> {
  await page.getByRole('button', { name: /in the offer$/ }).click();
  await page.getByText(/^We would do it as offered/).waitFor();
  await page.getByRole('button', { name: /^Add a line/ }).click();
  await page.getByRole('textbox', { name: 'Line 1' }).fill('Scaffold tower, two days');
  await page.getByRole('textbox', { name: 'Amount' }).fill('180');
  await page.getByRole('cell', { name: '180.00' }).waitFor();
  await page.getByText('all saved').waitFor();
  await page.locator('.offer-desk').evaluate((desk) => {
    desk.scrollTo(0, 0);
  });
}

const shots: readonly Shot[] = [
  { file: 'jobs', stage: '' },
  { file: 'figures', stage: 'figures/compound-drying?airC=17&humidityPct=62&thicknessMm=1.2&draft=0.75&units=metric' },
  { file: 'walk', stage: 'walk', mark: 'PS-01' },
  { file: 'match', stage: 'match', mark: 'BR-01', act: (page) => page.getByText(/cautions:/).click() },
  { file: 'method', stage: 'method', mark: 'PS-01' },
  { file: 'table', stage: 'walk', mark: 'PS-01', act: tableOfAll },
  { file: 'options', stage: 'options', mark: 'RR-01' },
  { file: 'offer', stage: 'options', mark: 'WH-01', act: offerOfJob },
  { file: 'shelf', stage: 'shelf/epoxy-mortar' },
  { file: 'mix', stage: 'mix', mark: 'WR-02' },
  { file: 'days', stage: 'days', mark: 'PS-01', act: daysFound },
  { file: 'working', stage: 'mix', mark: 'PS-01', act: (page) => page.locator('.mixcard td .fig').first().click() },
  { file: 'sheet', stage: 'sheet', mark: 'RR-04' },
  { file: 'trace', stage: 'walk', mark: 'BR-02', act: tracePhoto },
  { file: 'rules', stage: 'rules' },
  { file: 'walk-tapping', stage: 'walk', mark: 'BR-01' },
  { file: 'issued', stage: 'method', mark: 'WH-02', act: issueAndChange },
  { file: 'walk-phone', stage: 'walk', mark: 'PS-01', phone: true },
  { file: 'day-phone', stage: 'day/Lise', phone: true },
];

await command(async () => {
  const data = join(stateDir, 'screenshots-data');
  rmSync(data, { recursive: true, force: true });
  const demo = await startDemo(data);
  const out = join(root, 'docs/screenshots');
  mkdirSync(out, { recursive: true });
  const browser = await chromium.launch({ executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args });
  try {
    for (const shot of shots) {
      const page = await browser.newPage({
        baseURL: demo.address,
        viewport: shot.phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
        isMobile: shot.phone === true,
        hasTouch: shot.phone === true,
        colorScheme: shot.dark ? 'dark' : 'light',
        userAgent: 'the desk in the office',
      });
      await page.goto('/');
      await page.getByRole('link', { name: 'Quarry Street Bathhouse', exact: true }).waitFor();
      if (shot.stage !== '' && shot.mark === undefined) {
        await page.goto(`/${shot.stage}`);
        await page.locator('main h1').first().waitFor();
      }
      if (shot.mark !== undefined) {
        const jobs = (await (await page.request.get('/api/jobs')).json()) as { id: string }[];
        const trees = await Promise.all(
          jobs.map(
            async ({ id }) =>
              (await (await page.request.get(`/api/jobs/${id}`)).json()) as { id: string; areas: { defects: { id: string; mark: string }[] }[] },
          ),
        );
        const found = trees.flatMap((tree) =>
          tree.areas.flatMap((a) => a.defects.filter((d) => d.mark === shot.mark).map((defect) => ({ job: tree.id, defect }))),
        )[0];
        if (!found) throw new Failure(`No defect of the demo is marked ${shot.mark}.`);
        await page.goto(`/jobs/${found.job}/${shot.stage}/${found.defect.id}`);
        await page.locator('.fig, .promise').first().waitFor();
      }
      await page.evaluate(() => document.fonts.ready);
      if (shot.act) await shot.act(page);
      await page.waitForTimeout(300);
      await page.screenshot({ path: join(out, `${shot.file}.png`) });
      await page.close();
      console.error(`oddment: docs/screenshots/${shot.file}.png`);
    }
  } finally {
    await browser.close();
    await demo.end();
    rmSync(data, { recursive: true, force: true });
  }
  return 0;
});
