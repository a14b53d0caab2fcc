import { randomUUID } from 'node:crypto';
import { house } from '../../core/test/house.ts';

/** The made-up house of the tests as a job file, under ids of its own. @param count of its repairs */
export function houseFile(count: number): object {
  const whole = house(count);
  const areas = whole.areas.map((a) => ({ ...a, id: randomUUID(), defects: a.defects.map((d) => ({ ...d, id: randomUUID() })) }));
  return { format: 'oddment-job', version: 3, job: { ...whole, id: randomUUID(), areas } };
}
