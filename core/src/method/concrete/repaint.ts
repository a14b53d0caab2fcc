import { daysAsTime } from '../../cure/reaction.ts';
import { paintFrom } from '../../cure/strength.ts';
import type { Figure } from '../../quantity/figure.ts';
import { paintWork } from '../../shelf/usual/paintWork.ts';
import { goesOver } from '../../survey/outcomes.ts';
import type { Course } from '../course.ts';
import { painted, primed, warmForPaint } from '../finish.ts';
import { coverUp, leaveIt, rimAround } from '../parts.ts';
import { paintDry, paintedAgain, trialPaint } from '../words/finishing.ts';
import { paintCheck } from '../words/plastering.ts';

/** How long the mortar is kept wet, the longest of what is placed. */
function wetFor(c: Course): Figure {
  const all = c.matter.members.flatMap((m) => m.mortar?.dampDays ?? m.figures?.['dampDays'] ?? []).map((d) => c.get(d));
  return all.reduce((most, d) => (d.value > most.value ? d : most), c.stated('Kept wet', 'age', 0));
}

/** Concrete that was painted is painted again: on mortar once it is dry and no longer alkaline, on resin once a trial has held. */
export function repaint(c: Course): void {
  const { subject, members, choice } = c.matter;
  // what moves is not painted over: paint cracks where a sealant stretches
  if (subject.surface !== 'concrete' || goesOver(choice) === 'none' || !c.system.gives.includes('painted')) return;
  const closes = goesOver(choice) === 'film';
  // holes and lines that are closed with mortar are as fresh as a patch
  const plugged = c.isUsed('line-mortar') || c.isUsed('quick-mortar');
  const cement = plugged || members.some((m) => m.family === 'cementitious');
  const { concretePast, onCement, filmOnCement, onResin, afterWet } = paintWork.figures;
  const area = rimAround(c, c.get(concretePast), 'Painted again');
  const placed = plugged ? c.lastStep : c.placed;
  const after = c.afterwards();
  const covered = c.isCovered;
  const trial = c.ledger.compute(daysAsTime, { ageD: c.get(onResin) }, 'The trial dries for');
  if (!cement) c.work(trialPaint(closes), c.rate('paintSetUp'));
  if (covered) leaveIt(c);
  if (cement) {
    const days = c.ledger.compute(paintFrom, { leastD: c.get(closes ? filmOnCement : onCement), wetD: wetFor(c), dryD: c.get(afterWet) }, 'Before paint');
    const wait = c.ledger.compute(daysAsTime, { ageD: days }, 'Before paint');
    c.wait(paintCheck(days, !closes), c.fixed(wait), placed);
  } else c.wait(paintDry(trial, 'trial', c.outdoors), c.fixed(trial));
  // it is used meanwhile, and sounded and looked at before paint covers it
  c.back([...after].sort((a, b) => a.minutes.value - b.minutes.value));
  const moments = new Set(after.map((s) => s.id));
  for (const { from, to, least } of [...c.links]) if (moments.has(to) && least) c.atLeast(least, from);
  const airC = warmForPaint(c);
  if (covered) coverUp(c);
  const film = c.steps.some((s) => s.builder === 'curing-film') ? ', the curing film ground off' : '';
  const onto = cement ? `alkali-tolerant primer on brushed, dust-free concrete${film}` : 'resin dulled and wiped, primer of the coating';
  primed(c, area, airC, onto, 'patch');
  const { dry } = painted(c, area, airC, 'patch', closes ? 'Coating' : 'Paint');
  c.ready(paintedAgain(closes), dry);
  c.amount('repainted', 'Painted again', area);
}
