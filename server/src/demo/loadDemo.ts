import { check, NewAreaBody, NewDefectBody, NewJobBody } from '@oddment/contracts';
import { createHash, randomBytes } from 'node:crypto';
import type { Clock } from '../clock.ts';
import { makeFirm } from '../services/accountService.ts';
import { areaValues, createRecord, defectValues, jobValues } from '../services/recordService.ts';
import type { Database } from '../store/database.ts';
import type { Scope } from '../store/jobStore.ts';
import { bathhouse } from './bathhouse.ts';

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
  const { job, areas } = bathhouse(clock.now());
  const made = (name: string) => ({ id: demoId(name), change: demoId(`${name} made`) });
  const jobBody = checked(NewJobBody, { ...job, ...made('job') });
  await createRecord(db, scope, 'job', jobBody, jobValues(jobBody));
  for (const { defects, ...area } of areas) {
    const areaBody = checked(NewAreaBody, { ...area, ...made(area.name) });
    await createRecord(db, scope, 'area', areaBody, areaValues(areaBody), { entity: 'job', id: jobBody.id });
    for (const defect of defects) {
      const body = checked(NewDefectBody, { confirmed: [], decisions: [], ...defect, ...made(defect.mark) });
      await createRecord(db, scope, 'defect', body, defectValues(body), { entity: 'area', id: areaBody.id });
    }
  }
}
