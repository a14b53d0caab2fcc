import { rimAround } from './parts.ts';
import { heldSo, seeToFirsts, seeToIt, stripOff } from './words/opening.ts';
import type { Course } from './course.ts';

/** The work opens with what comes before the first cut: what was decided, what the place has to be brought to, and all else seen to. */
export function opening(c: Course): void {
  const { firsts } = c.matter;
  const own = firsts.flatMap((f) => (f.step ? [{ id: f.id, step: f.step }] : []));
  const strips = firsts.flatMap((f) => (f.strips ? [{ ...f.strips, first: f }] : []));
  const rest = firsts.filter((f) => !f.step && !f.strips && f.later !== true);
  // what takes days comes first, so that nothing that was looked at is looked at too early
  for (const { id, step } of own.sort((a, b) => (b.step.hold?.minutes.value ?? 0) - (a.step.hold?.minutes.value ?? 0))) {
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
