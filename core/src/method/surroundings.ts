import type { CourseFigures } from './courseFigures.ts';
import type { Materials } from './materials.ts';
import type { Lag, Link, Made, Mark, Moment, Standing, Step } from './step.ts';
import type { MaterialRole } from './work.ts';

/** What is wet when it is placed; a mix always is. */
const wetRoles: ReadonlySet<MaterialRole> = new Set(['primer', 'coating', 'adhesive', 'sealant', 'foam']);

/** The first lag that is waited for after a step, over the steps that follow it at once: what it placed is hard or dry enough to be gone over. */
function restAfter(step: string, links: readonly Link[]): Moment {
  const seen = new Set([step]);
  const open = [step];
  for (let one = open.shift(); one !== undefined; one = open.shift()) {
    const out = links.filter((l) => l.from === one);
    const waited = out.filter((l): l is Link & { readonly least: Lag } => l.least !== undefined);
    const [first] = [...waited].sort((a, b) => a.least.minutes.value - b.least.minutes.value);
    if (first) return { step: one, at: first.after, later: first.least };
    // what comes next waits for something else: before it begins this is hard or dry too
    const waiting = out
      .flatMap(({ to }) => links.flatMap((l) => (l.to === to && l.least ? [{ to, minutes: l.least.minutes.value }] : [])))
      .sort((a, b) => a.minutes - b.minutes);
    if (waiting[0]) return { step: waiting[0].to, at: 'start' };
    for (const { to } of out) if (!seen.has(to)) open.push(to);
    out.forEach(({ to }) => seen.add(to));
  }
  return { step, at: 'end' };
}

/** What other work at the place has to heed of these steps, and from when to when. */
export function marksOf(c: CourseFigures, steps: readonly Step[], made: readonly Made[], links: readonly Link[], materials: Materials): Mark[] {
  const wet = ({ handsOn }: Step) =>
    handsOn?.uses.some(({ of }) => {
      const role = materials.roleOf(of);
      return role === undefined || wetRoles.has(role);
    }) === true;
  const marks = steps.flatMap((step, i): Mark[] => {
    const { id, handsOn } = step;
    const [from, to]: readonly [Moment, Moment] = [
      { step: id, at: 'start' },
      { step: id, at: 'end' },
    ];
    const makes = handsOn?.makes ?? [];
    const keptWet = made[i]?.keptWet;
    const until = wet(step) || makes.includes('fumes') ? restAfter(id, links) : to;
    return [
      ...(makes.includes('dust') ? [{ is: 'dust' as const, from, to }] : []),
      ...(makes.includes('wet') && !keptWet ? [{ is: 'water' as const, from, to }] : []),
      ...(keptWet ? [{ is: 'water' as const, from, to: { ...from, later: { by: 'fixed' as const, minutes: keptWet } } }] : []),
      ...(wet(step) ? [{ is: 'wet' as const, from, to: until }] : []),
      ...(makes.includes('fumes') ? [{ is: 'vapor' as const, from, to: until }] : []),
    ];
  });
  const [first, opens] = [steps.find(wet), steps.find((s) => s.sign === 'opens')];
  const walkedOn = c.matter.choice('traffic') !== undefined || c.matter.choice('position') === 'floor';
  if (first && opens && walkedOn) marks.push({ is: 'closed', from: { step: first.id, at: 'start' }, to: { step: opens.id, at: 'start' } });
  return marks;
}

/** What stands where it was put: until a step frees it, or its wait is over, or all is done. */
export function standingOf(made: readonly Made[], links: readonly Link[]): Standing[] {
  const works = made.filter((s) => s.kind === 'work');
  const last = works[works.length - 1];
  return made.flatMap((step, i) =>
    (step.stands ?? []).flatMap((thing): Standing[] => {
      const freed = made.findIndex((s, n) => n > i && s.frees?.includes(thing) === true);
      const frees = made[freed];
      // a wait has no place of its own in the network: it is over when the lag after the work before it is
      const before = frees?.kind === 'wait' ? made.slice(0, freed).findLast((s) => s.kind === 'work') : undefined;
      const to = before ? restAfter(before.id, links) : { step: (frees ?? last ?? step).id, at: 'end' as const };
      return [{ thing, from: { step: step.id, at: 'start' }, to }];
    }),
  );
}
