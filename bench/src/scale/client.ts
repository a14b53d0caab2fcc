import { randomBytes, randomUUID } from 'node:crypto';

/** What one request came to. */
export interface Answered {
  readonly what: string;
  readonly ms: number;
  readonly status: number;
}

interface Repair {
  readonly id: string;
  readonly version: number;
  readonly kind: string;
  readonly mark: string;
  readonly facts: object;
  readonly confirmed: readonly unknown[];
  readonly decisions: readonly unknown[];
  readonly choice?: unknown;
  readonly schools?: unknown;
}

interface OpenJob {
  readonly id: string;
  readonly version: number;
  readonly areas: readonly { readonly id: string; readonly version: number; readonly defects: readonly Repair[] }[];
}

export const password = 'a long enough password';

const jpegHead = Buffer.from(
  '/9j/2wBDAAEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQEBAQH/wAALCAABAAEBAREA/8QAFAABAAAAAAAAAAAAAAAAAAAAAP/EABQQAQAAAAAAAAAAAAAAAAAAAAD/2gAIAQEAAD8A',
  'base64',
);
const photoBytes = 120_000;
/** As large as a photo that was made smaller on the phone; its picture is one pixel, and then what does not compress. */
const jpeg = Buffer.concat([
  jpegHead,
  // no marker in it
  randomBytes(photoBytes).map((byte) => (byte === 0xff ? 0 : byte)),
  Buffer.from([0xff, 0xd9]),
]).toString('base64');

/** The people of one firm, as far as the server sees them: one account, and the jobs that it has open. */
export class FirmClient {
  readonly #address: string;
  readonly #login: string;
  readonly #pick: (most: number) => number;
  #cookie = '';
  #jobs: readonly string[] = [];
  readonly #open = new Map<string, OpenJob>();
  readonly #versions = new Map<string, number>();
  readonly #photos: string[] = [];
  readonly #issued: { readonly id: string; version: number }[] = [];

  constructor(address: string, login: string, pick: (most: number) => number) {
    this.#address = address;
    this.#login = login;
    this.#pick = pick;
  }

  async #ask(method: string, path: string, body?: unknown): Promise<{ readonly status: number; readonly read: () => unknown }> {
    const response = await fetch(`${this.#address}/api${path}`, {
      method,
      headers: { ...(body !== undefined && { 'content-type': 'application/json' }), ...(this.#cookie !== '' && { cookie: this.#cookie }) },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
    const set = response.headers.get('set-cookie');
    if (set !== null) this.#cookie = set.split(';')[0] ?? '';
    const bytes = Buffer.from(await response.arrayBuffer());
    return { status: response.status, read: () => JSON.parse(bytes.toString()) as unknown };
  }

  async signIn(): Promise<number> {
    return (await this.#ask('POST', '/session', { login: this.#login, password })).status;
  }

  async list(): Promise<number> {
    const { status, read } = await this.#ask('GET', '/jobs');
    if (status === 200 && this.#jobs.length === 0) this.#jobs = (read() as { id: string }[]).map((j) => j.id);
    return status;
  }

  async open(): Promise<number> {
    const id = this.#jobs[this.#pick(this.#jobs.length)];
    if (id === undefined) return this.list();
    const { status, read } = await this.#ask('GET', `/jobs/${id}`);
    if (status !== 200) return status;
    // a page has one or two open, not all that it ever saw
    if (this.#open.size > 1) this.#open.clear();
    const job = read() as OpenJob;
    this.#open.set(id, job);
    for (const d of job.areas.flatMap((a) => a.defects)) this.#versions.set(d.id, Math.max(d.version, this.#versions.get(d.id) ?? 0));
    return status;
  }

  #repair(): { job: OpenJob; area: OpenJob['areas'][number]; repair: Repair } | undefined {
    const [job] = this.#open.values();
    const area = job?.areas.filter((a) => a.defects.length > 0)[this.#pick(job.areas.length)] ?? job?.areas.find((a) => a.defects.length > 0);
    const repair = area?.defects[this.#pick(area.defects.length)];
    return job && area && repair && { job, area, repair };
  }

  async save(): Promise<number> {
    const found = this.#repair();
    if (!found) return this.open();
    const { id, version, kind, mark, facts, confirmed, decisions, choice, schools } = found.repair;
    const at = this.#versions.get(id) ?? version;
    // the next one is typed before this one is answered
    this.#versions.set(id, at + 1);
    const note = `seen again, ${randomUUID()}`;
    const { status } = await this.#ask('PUT', `/defects/${id}`, {
      ...{ kind, mark, facts, confirmed, decisions, note },
      ...(choice !== undefined && { choice }),
      ...(schools !== undefined && { schools }),
      change: randomUUID(),
      version: at,
    });
    return status;
  }

  async find(): Promise<number> {
    return (await this.#ask('GET', `/find?words=${encodeURIComponent('crack cellar')}`)).status;
  }

  async begun(): Promise<number> {
    return (await this.#ask('GET', '/begun')).status;
  }

  async addPhoto(): Promise<number> {
    const found = this.#repair();
    if (!found) return this.open();
    const id = randomUUID();
    const { status } = await this.#ask('POST', `/defects/${found.repair.id}/photos`, { id, change: randomUUID(), jpeg });
    if (status === 201) this.#photos.push(id);
    return status;
  }

  async photo(): Promise<number> {
    const id = this.#photos[this.#pick(this.#photos.length)];
    return id === undefined ? this.addPhoto() : (await this.#ask('GET', `/photos/${id}`)).status;
  }

  async issue(): Promise<number> {
    const found = this.#repair();
    if (!found) return this.open();
    const { job, area, repair } = found;
    const id = randomUUID();
    const versions = { jobVersion: job.version, areaVersion: area.version, defectVersion: this.#versions.get(repair.id) ?? repair.version };
    const { status } = await this.#ask('POST', `/defects/${repair.id}/plans`, { id, change: randomUUID(), ...versions });
    if (status === 201) this.#issued.push({ id, version: 1 });
    return status;
  }

  async issued(): Promise<number> {
    const plan = this.#issued[this.#pick(this.#issued.length)];
    return plan === undefined ? this.issue() : (await this.#ask('GET', `/plans/${plan.id}`)).status;
  }

  async sheets(): Promise<number> {
    const [id] = this.#open.keys();
    return id === undefined ? this.open() : (await this.#ask('GET', `/jobs/${id}/sheets.pdf`)).status;
  }

  async changes(): Promise<number> {
    const [id] = this.#open.keys();
    return id === undefined ? this.open() : (await this.#ask('GET', `/jobs/${id}/changes`)).status;
  }
}

type Act = 'signIn' | 'list' | 'open' | 'save' | 'find' | 'begun' | 'addPhoto' | 'photo' | 'issue' | 'issued' | 'sheets' | 'changes';

/** How often a firm of six does it in a working day. Our own reckoning, nobody was counted. */
export const firmDay: Readonly<Record<Act, number>> = {
  signIn: 1,
  list: 30,
  open: 60,
  save: 120,
  find: 5,
  begun: 20,
  addPhoto: 4,
  photo: 10,
  issue: 3,
  issued: 15,
  sheets: 1,
  changes: 2,
};

export const acts = Object.keys(firmDay) as readonly Act[];
export const writes: readonly Act[] = ['save', 'addPhoto', 'issue'];

/** Does one thing and takes its time. @param since when it should have begun, in ms of the page's clock: what waits before it counts */
export async function done(firm: FirmClient, what: Act, since: number): Promise<Answered> {
  const status = await firm[what]().catch(() => 0);
  return { what, ms: performance.now() - since, status };
}
