import type { Grade } from '../shelf/patchSystem.ts';
import type { Figure } from '../quantity/figure.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { HeldStop } from '../record/decided.ts';
import type { Caution } from '../safety/silica.ts';
import type { Schedule } from '../schedule/schedule.ts';
import type { SourceId } from '../sources/register.ts';
import { choiceLabel, relevantAsks } from '../survey/ask.ts';
import type { CrackSubject } from '../survey/crackSubject.ts';
import type { Job } from '../survey/job.ts';
import type { Kind } from '../survey/kind.ts';
import { kindOf } from '../survey/kinds.ts';
import type { Quantity } from './quantity.ts';
import type { JudgedPlan, Repair, Matched } from './repairPlan.ts';
import type { Section } from './section.ts';

/** The chosen or proposed work on a sheet. */
export interface SheetWork {
  readonly system: string;
  readonly title: string;
  /** the size of the preparation in words */
  readonly named: string;
  readonly by: 'choice' | 'proposal';
  readonly reason?: string;
  /** verdicts short of 'fits', which the work goes on with */
  readonly cares: readonly { readonly title: string; readonly why: Saying; readonly source: SourceId }[];
  readonly schedule: Schedule;
  readonly quantities: readonly Quantity[];
  readonly cautions: readonly Caution[];
}

/** One repair as it is put before those who work: plain data, so that it can be kept as it was. */
export interface Sheet {
  readonly mark: string;
  readonly title: string;
  readonly area: string;
  readonly site: string;
  readonly client: string;
  readonly timeZone: string;
  readonly startAt: string;
  readonly people: 1 | 2;
  readonly found: Saying;
  readonly answers: readonly string[];
  readonly grades: readonly { readonly system: string; readonly title: string; readonly grade: Grade }[];
  readonly stops: readonly HeldStop[];
  readonly section: Section;
  readonly work?: SheetWork;
  /** why there is no work on it */
  readonly nothing?: Saying;
  readonly advice: string;
}

/** What is prepared, placed, bought and thrown away, by name. */
export function quantitiesOf({ method, batch, labor }: Repair): Quantity[] {
  const row = (id: string, label: string, figure: Figure): Quantity => ({ id, label, figure });
  return [
    row('void', 'Groove as prepared', method.size.void),
    row('filled', 'As filled', method.lifts.filled),
    row('resin', 'Resin placed', batch.resinPlaced),
    row('sand', 'Dry sand', batch.sandPlaced),
    row('waste', 'Purged to waste', batch.waste),
    row('packs', 'Cartridges', batch.cartridges),
    row('mixers', 'Static mixers', batch.mixers),
    row('sections', 'Sections', method.sections.count),
    row('purge', 'Purge half a mixer every', batch.purgeEvery),
    ...(labor ? [row('labor', `Labor, ${labor.currency}`, labor.cost)] : []),
  ];
}

function foundSaying(subject: CrackSubject): Saying {
  const widths = subject.widths.reduce<Saying>((words, width, i) => {
    const at = subject.stations[i];
    return at ? say`${words}${i === 0 ? '' : ', '}${width} at ${at}` : words;
  }, []);
  return say`${subject.length} long; ${widths}; ${subject.depth} deep, slab ${subject.slab}; air ${subject.airC}, slab ${subject.slabC}, ${subject.humidity} humidity, ${subject.dewMargin} above the dew point.`;
}

/** Which systems fit a defect that has no method yet, and which fit with care; or that none does. */
export function matchWords({ candidates, held, chosen }: Matched): Saying {
  const titles = (grade: 'fits' | 'care') => candidates.filter((c) => c.grade === grade).map((c) => c.system.title);
  const [fits, care] = [titles('fits'), titles('care')];
  const stopped = held ? 'A stop holds it first. ' : '';
  if (chosen) return say`${stopped}Chosen: ${chosen.candidate.system.title}${chosen.reason === undefined ? '' : `, against the verdict, because: ${chosen.reason}`}.`;
  if (fits.length === 0 && care.length === 0) return say`${stopped}No system fits as it is; Match says what would have to change.`;
  return say`${stopped}${fits.length === 0 ? 'Nothing fits without care' : `Fits: ${fits.join('; ')}`}. ${care.length === 0 ? '' : `With care: ${care.join('; ')}.`}`;
}

/** That a kind has no method yet. */
export function noMethodYet(kind: Kind): Saying {
  return say`Measured, drawn and judged. Oddment has no method for a ${kind.title} yet: it says what fits, and plans only what it can carry through.`;
}

function nothingSaying(plan: JudgedPlan): Saying {
  if (plan.held) return say`The plan stops here until it is decided and recorded.`;
  return plan.problem ?? say`No system with a method fits this crack as it is.`;
}

function workOf(plan: JudgedPlan): SheetWork | undefined {
  const { repair, planned } = plan;
  if (!repair || !planned) return undefined;
  const { candidate, by, reason } = planned;
  return {
    system: candidate.system.id,
    title: candidate.system.title,
    named: repair.method.size.named,
    by,
    ...(reason !== undefined && { reason }),
    cares: candidate.against.map((v) => ({ title: v.title, why: v.reason(), source: v.source })),
    schedule: repair.schedule,
    quantities: quantitiesOf(repair),
    cautions: repair.cautions,
  };
}

/** The sheet of a plan. */
export function sheetOf(plan: JudgedPlan, job: Omit<Job, 'areas'>): Sheet {
  const { defect, area } = plan;
  const table = kindOf(defect.kind);
  const told = relevantAsks(table, defect.facts).filter((a) => a.ask === 'choice' && defect.facts[a.field] !== undefined && a.field !== 'claim');
  const work = workOf(plan);
  return {
    mark: defect.mark,
    title: table.title,
    area: area.name,
    site: job.site,
    client: job.client,
    timeZone: job.timeZone,
    startAt: job.startAt,
    people: job.people,
    found: foundSaying(plan.subject),
    answers: told.map((a) => choiceLabel(table, a.field, defect.facts[a.field]?.value)),
    grades: plan.candidates.map(({ system, grade }) => ({ system: system.id, title: system.title, grade })),
    stops: plan.stops,
    section: plan.section,
    ...(work ? { work } : { nothing: nothingSaying(plan) }),
    advice: plan.advice,
  };
}
