import { describe, expect, it } from 'vitest';
import { surveyedPlan } from '../../test/defects.ts';
import { tell } from '../quantity/saying.ts';
import { running } from './running.ts';

const how = { units: 'metric', timeZone: 'UTC' } as const;
const schedule = surveyedPlan('timber-decay', {}, {}, { choice: { system: 'epoxy-consolidant + epoxy-timber-paste' } }).work()?.schedule;
if (!schedule) throw new Error('no method');
// begun a day after it was planned for
const begun = new Date(Date.parse(schedule.startAt) + 86_400_000).toISOString();
const after = (minutes: number) => new Date(Date.parse(begun) + minutes * 60_000).toISOString();
const row = (builder: string) => schedule.rows.find((r) => r.step.builder === builder);

describe('a plan that was begun', () => {
  it('says what is on by hand now, by its own clock moved to when it was begun', () => {
    const first = running(schedule, begun, after(1));
    expect(first.next && tell(first.next.title, how)).toMatch(/^See to what comes first: /);
    expect(first.next).toMatchObject({ now: true, at: begun });
  });

  it('says which windows close while they are still to be met, and then no more', () => {
    const soaked = row('soak-wood')?.endMin ?? 0;
    const filling = running(schedule, begun, after(soaked + 1));
    expect(filling.closing.map((c) => tell(c.title, how))).toEqual([expect.stringMatching(/^Filler, layer 1/)]);
    expect(Date.parse(filling.closing[0]?.before ?? '') - Date.parse(begun)).toBeGreaterThan(soaked * 60_000);
    expect(tell(filling.closing[0]?.ifMissed ?? [], how)).toContain('abrade');
    expect(running(schedule, begun, after((row('press-filler')?.endMin ?? 0) + 1)).closing).toEqual([]);
  });

  it('names the next work while something only waits, and nothing when the last is done', () => {
    const waiting = running(schedule, begun, after((row('clear-away')?.endMin ?? 0) + 60));
    expect(waiting.next && [tell(waiting.next.title, how).startsWith('Wash the blush'), waiting.next.now]).toEqual([true, false]);
    const past = running(schedule, begun, after(60 * 24 * 60));
    expect([past.next, past.closing]).toEqual([undefined, []]);
    expect(Date.parse(past.readyAt)).toBeGreaterThan(Date.parse(begun));
  });
});
