import {
  ChangeAreaBody,
  ChangeDefectBody,
  check,
  KeepDaysBody,
  NewAreaBody,
  NewDefectBody,
  NewJobBody,
  NewPhotoBody,
  NewProductBody,
  NewStockBody,
  OfferTermsBody,
} from '@oddment/contracts';
import { firmShelf, makeDays, placementsOf, planJob, usualTerms, type Fact } from '@oddment/core';
import { createHash, randomBytes } from 'node:crypto';
import type { Clock } from '../clock.ts';
import { makeFirm, setHouseRules } from '../services/accountService.ts';
import { keep } from '../services/daysService.ts';
import { setTerms } from '../services/offerService.ts';
import { areaValues, changeRecord, createRecord, defectValues, jobValues } from '../services/recordService.ts';
import { productValues, stockValues } from '../services/shelfService.ts';
import type { Database } from '../store/database.ts';
import { forFirm } from '../store/firmWall.ts';
import { readJob, type Scope } from '../store/jobStore.ts';
import { listProducts } from '../store/shelfStore.ts';
import { changeState, issue } from '../services/planService.ts';
import { readFirm } from '../store/accountStore.ts';
import { poolPlan } from './poolPlan.ts';
import { addPhoto } from '../services/photoService.ts';
import { bathhouse, looks, type DemoRoom, type FirstLook } from './bathhouse.ts';
import { moreJobs, type DemoJob } from './moreJobs.ts';

/** An id that is the same at each loading, so that pictures and addresses of the demo hold. */
function demoId(name: string): string {
  const hex = createHash('sha256').update(`oddment demo ${name}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

function checked<T extends object>(contract: new () => T, input: object): T {
  const result = check(contract, input);
  if (!result.ok) throw new Error(`the demo data is refused: ${result.problems.map((p) => `${p.path}: ${p.message}`).join('; ')}`);
  return result.value;
}

/** A job of the demo with its rooms and what was found in them. */
interface DemoRooms {
  readonly job: object;
  readonly areas: readonly DemoRoom[];
  /** by the ids of its areas and repairs */
  readonly days?: (id: (name: string) => string) => object;
}

type Facts = Readonly<Record<string, Fact<unknown>>>;

/** The facts as the first look left them. */
export const atFirst = (facts: Facts, firstLook: FirstLook = {}): Facts =>
  Object.fromEntries(Object.entries({ ...facts, ...firstLook }).flatMap(([field, fact]) => (fact === undefined ? [] : [[field, fact]])));

/** The facts after the second look: what it found otherwise is dated by it. */
const seenAgain = (facts: Facts, firstLook: FirstLook, at: string): object =>
  Object.fromEntries(Object.entries(facts).map(([field, fact]) => [field, field in firstLook ? { ...fact, at } : fact]));

/** Makes the demo firm and its jobs through the services that a person's input goes through. */
export async function loadDemo(db: Database, clock: Clock): Promise<void> {
  const { firmId, accountId } = await makeFirm(
    db,
    clock,
    { firm: 'Varga & Daughters, repairs', name: 'Ines Varga', login: 'demo', password: randomBytes(24).toString('base64url') },
    true,
  );
  await forFirm(firmId, () => loadJobs(db, clock, { firmId, accountId, at: clock.now().toISOString() }));
}

async function loadJobs(db: Database, clock: Clock, scope: Scope): Promise<void> {
  const { firmId, accountId } = scope;
  const made = (name: string) => ({ id: demoId(name), change: demoId(`${name} made`) });
  const day = (days: number) => new Date(clock.now().getTime() + days * 86_400_000).toISOString().slice(0, 10);
  // the firm's own rate for an hour, so that options have a price
  const asMade = await readFirm(db, firmId);
  if (asMade) await setHouseRules(db, firmId, asMade.version, { schools: {}, labor: { perHour: 62, currency: 'USD', since: day(-150) } });
  const firm = await readFirm(db, firmId);
  if (!firm) throw new Error('the demo firm is not there');
  await setTerms(
    db,
    scope,
    checked(OfferTermsBody, {
      ...usualTerms,
      change: demoId('terms'),
      version: 0,
      letterhead: 'Plaster, concrete, timber, tubs\nLock Cottage, Ferry Lane',
      taxes: [{ name: 'Sales tax', percent: 6.25 }],
    }),
  );
  const who = { firm, session: '', account: { id: accountId, name: 'Ines Varga', role: 'owner' as const } };
  const before = (minutes: number): Scope => ({ ...scope, at: new Date(clock.now().getTime() - minutes * 60_000).toISOString() });
  const makeJob = async (key: string, { job, areas, days }: DemoRooms, at: Scope) => {
    const jobBody = checked(NewJobBody, { ...job, ...made(key), ...(days && { days: days((name) => made(name).id) }) });
    await createRecord(db, at, 'job', jobBody, jobValues(jobBody));
    for (const { defects, firstLook, ...area } of areas) {
      const areaBody = checked(NewAreaBody, { ...area, facts: atFirst(area.facts, firstLook), ...made(area.name) });
      await createRecord(db, at, 'area', areaBody, areaValues(areaBody), { entity: 'job', id: jobBody.id });
      if (area.name === poolPlan.area)
        await addPhoto(
          db,
          who,
          at,
          { entity: 'area', id: areaBody.id },
          checked(NewPhotoBody, { ...made('pool plan'), jpeg: poolPlan.base64, caption: poolPlan.caption }),
        );
      for (const { firstLook: found, ...defect } of defects) {
        const lies = Object.entries(poolPlan.spots).find(([mark]) => mark === defect.mark)?.[1];
        const spot = lies && { photo: made('pool plan').id, across: lies[0], down: lies[1] };
        const body = checked(NewDefectBody, {
          confirmed: [],
          decisions: [],
          ...defect,
          ...(spot && { spot }),
          facts: atFirst(defect.facts, found),
          ...made(defect.mark),
        });
        await createRecord(db, at, 'defect', body, defectValues(body), { entity: 'area', id: areaBody.id });
      }
    }
  };
  /** Changes what a second look found otherwise. */
  const lookAgain = async (areas: DemoRooms['areas']) => {
    const at = before(looks.second);
    for (const { defects, firstLook, ...area } of areas) {
      const version = (name: string) => ({ change: demoId(`${name} looked at again`), version: 1 });
      if (firstLook) {
        const body = checked(ChangeAreaBody, { ...area, facts: seenAgain(area.facts, firstLook, at.at), ...version(area.name) });
        await changeRecord(db, at, 'area', made(area.name).id, body, 'change', areaValues(body));
      }
      for (const { firstLook: found, ...defect } of defects) {
        if (!found) continue;
        const body = checked(ChangeDefectBody, {
          confirmed: [],
          decisions: [],
          ...defect,
          facts: seenAgain(defect.facts, found, at.at),
          ...version(defect.mark),
        });
        await changeRecord(db, at, 'defect', made(defect.mark).id, body, 'change', defectValues(body));
      }
    }
  };
  /** Issues every plan of a job as its repairs stand, and begins what is being worked. */
  const issueAll = async (areas: DemoRooms['areas'], at: Scope, begun: DemoJob['begun'] = {}) => {
    for (const { mark } of areas.flatMap((a) => a.defects)) {
      const plan = await issue(db, who, at, made(mark).id, { ...made(`plan of ${mark}`), jobVersion: 1, areaVersion: 1, defectVersion: 1 });
      const minutes = begun[mark];
      if (minutes !== undefined)
        await changeState(db, who, before(minutes), (plan.record as { id: string }).id, { change: demoId(`${mark} begun`), version: 1, state: 'begun' });
    }
  };
  /** Keeps the days of a job as they are found. */
  const keepDays = async (key: string) => {
    const found = await readJob(db, scope, made(key).id);
    if (!found) throw new Error('the job of these days is not there');
    const { days: setup = {}, ...job } = found;
    const { rules } = firm;
    const input = { job, plans: planJob(job, rules, firmShelf(await listProducts(db, firmId))), rules, setup };
    const placements = placementsOf(makeDays(input, { aim: 'finish', seed: 1, rounds: 20 }));
    const body = checked(KeepDaysBody, { ...made(`days of ${key}`), jobVersion: found.version, aim: 'finish', seed: 1, issue: false, placements });
    await keep(db, who, scope, job.id, body);
  };
  const filler = checked(NewProductBody, {
    ...made('light filler'),
    title: 'Light filler from the yard on Quarry Street',
    basedOn: 'vinyl-spackle',
    sheet: 'data sheet from the lid, last spring',
    figures: { 'depth/max': 5 },
    packs: [{ size: 1000, unit: 'mL', price: { amount: 9.8, currency: 'USD', on: day(-40) }, openDays: 60 }],
  });
  await createRecord(db, scope, 'product', filler, productValues(filler, { account: { id: accountId, name: 'Ines Varga', role: 'owner' } }, scope.at));
  const packs = [
    { ...made('packs of resin'), of: 'rapid-crack-resin', lot: 'R-118', count: 6, expiresOn: day(90), place: 'van, left shelf' },
    { ...made('packs of foam'), of: 'injection-foam', lot: 'F-7', count: 1, expiresOn: day(-12), place: 'yard' },
    { ...made('packs of filler'), of: filler.id, lot: '', count: 2, openedOn: day(-50), place: 'van' },
  ];
  for (const pack of packs) {
    const body = checked(NewStockBody, pack);
    await createRecord(db, scope, 'stock', body, stockValues(body));
  }
  // every repair has its issued plan: those of the bathhouse from a first look, some of which a second look has overtaken;
  // the smaller jobs are being worked
  const house = bathhouse(clock.now());
  await makeJob('job', house, before(looks.first));
  await issueAll(house.areas, before(looks.issued));
  await lookAgain(house.areas);
  for (const { days, ...one } of moreJobs(clock.now())) {
    await makeJob(one.key, { ...one, ...(days && { days: () => days }) }, scope);
    await issueAll(one.areas, scope, one.begun);
    if (days) await keepDays(one.key);
  }
}
