import { rimAround } from './parts.ts';
import { comesAbout, heldSo, letCome, seeToFirsts, seeToIt, stripOff } from './words/opening.ts';
import type { FirstStep } from '../safety/firsts/first.ts';
import type { Course } from './course.ts';

/** The work opens with what comes before the first cut: what was decided, what the place has to be brought to, and all else seen to. */
export function opening(c: Course): void {
  const { firsts } = c.matter;
  const own = firsts.flatMap((f) => (f.step ? [{ id: f.id, step: f.step }] : []));
  const strips = firsts.flatMap((f) => (f.strips ? [{ ...f.strips, first: f }] : []));
  const rest = firsts.filter((f) => !f.step && !f.strips && f.later !== true);
  // what takes days comes first, so that nothing that was looked at is looked at too early
  const long = ({ until, hold }: FirstStep) => Math.max(until?.minutes.value ?? 0, hold?.minutes.value ?? 0);
  for (const { id, step } of own.sort((a, b) => long(b.step) - long(a.step))) {
    if (step.until) {
      c.work(letCome(step.until), c.rate(step.until.rate), { turn: id });
      c.wait(comesAbout(step.until), c.fixed(step.until.minutes));
    }
    c.work(seeToIt(step), c.rate(step.by === 'heat' ? 'heatSetUp' : 'seeFirst'), { turn: id });
    if (step.hold) c.wait(heldSo(step.hold), c.fixed(step.hold.minutes));
  }
  if (rest.length > 0) c.work(seeToFirsts(rest), c.byCount('nothing', 'seeFirst', c.stated('Things to see to first', 'count', rest.length), 'Seeing to them'));
  // dust and chips fall on what is covered
  c.opened(() => {
    for (const { first, past, by } of strips) {
      const area = rimAround(c, past, 'Laid bare');
      c.work(stripOff(first, past, area, by), c.byArea('stripSetUp', 'stripPerM2', area, 'Taking it off'), { turn: first.id });
    }
  });
}
