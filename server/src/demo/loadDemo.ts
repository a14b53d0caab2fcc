import { check, NewAreaBody, NewDefectBody, NewJobBody, NewProductBody, NewStockBody } from '@oddment/contracts';
import { createHash, randomBytes } from 'node:crypto';
import type { Clock } from '../clock.ts';
import { makeFirm, setHouseRules } from '../services/accountService.ts';
import { areaValues, createRecord, defectValues, jobValues } from '../services/recordService.ts';
import { productValues, stockValues } from '../services/shelfService.ts';
import type { Database } from '../store/database.ts';
import type { Scope } from '../store/jobStore.ts';
import { changeState, issue } from '../services/planService.ts';
import { readFirm } from '../store/accountStore.ts';
import { bathhouse } from './bathhouse.ts';
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

/** Makes the demo firm and its job through the services that a person's input goes through. */
export async function loadDemo(db: Database, clock: Clock): Promise<void> {
  const { firmId, accountId } = await makeFirm(db, clock, { firm: 'Varga & Daughters, repairs', name: 'Ines Varga', login: 'demo', password: randomBytes(24).toString('base64url') }, true);
  const scope: Scope = { firmId, accountId, at: clock.now().toISOString() };
  const made = (name: string) => ({ id: demoId(name), change: demoId(`${name} made`) });
  const makeJob = async (key: string, { job, areas }: Pick<DemoJob, 'areas'> & { readonly job: object }) => {
    const jobBody = checked(NewJobBody, { ...job, ...made(key) });
    await createRecord(db, scope, 'job', jobBody, jobValues(jobBody));
    for (const { defects, ...area } of areas) {
      const areaBody = checked(NewAreaBody, { ...area, ...made(area.name) });
      await createRecord(db, scope, 'area', areaBody, areaValues(areaBody), { entity: 'job', id: jobBody.id });
      for (const defect of defects) {
        const body = checked(NewDefectBody, { confirmed: [], decisions: [], ...defect, ...made(defect.mark) });
        await createRecord(db, scope, 'defect', body, defectValues(body), { entity: 'area', id: areaBody.id });
      }
    }
  };
  await makeJob('job', bathhouse(clock.now()));
  const day = (days: number) => new Date(clock.now().getTime() + days * 86_400_000).toISOString().slice(0, 10);
  const filler = checked(NewProductBody, { ...made('light filler'), title: 'Light filler from the yard on Quarry Street', basedOn: 'vinyl-spackle', sheet: 'data sheet from the lid, last spring', figures: { 'depth/max': 5 }, packs: [{ size: 1000, unit: 'mL', price: { amount: 9.8, currency: 'USD', on: day(-40) }, openDays: 60 }] });
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
  // the firm's own rate for an hour, so that options have a price; then the smaller jobs are planned: each repair has its issued plan, and some are being worked
  const before = await readFirm(db, firmId);
  if (before) await setHouseRules(db, firmId, before.version, { schools: {}, labor: { perHour: 62, currency: 'USD', since: day(-150) } });
  const firm = await readFirm(db, firmId);
  if (!firm) throw new Error('the demo firm is not there');
  const who = { firm, session: '', account: { id: accountId, name: 'Ines Varga', role: 'owner' as const } };
  for (const one of moreJobs(clock.now())) {
    await makeJob(one.key, one);
    for (const { defects } of one.areas) {
      for (const { mark } of defects) {
        const plan = await issue(db, who, scope, made(mark).id, { ...made(`plan of ${mark}`), jobVersion: 1, areaVersion: 1, defectVersion: 1 });
        const minutes = one.begun[mark];
        if (minutes === undefined) continue;
        const begunAt = new Date(clock.now().getTime() - minutes * 60_000).toISOString();
        await changeState(db, who, { ...scope, at: begunAt }, (plan.record as { id: string }).id, { change: demoId(`${mark} begun`), version: 1, state: 'begun' });
      }
    }
  }
}
