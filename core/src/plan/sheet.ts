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
import { kindOf } from '../survey/kinds.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Mix } from '../method/work.ts';
import type { PlannedWork } from './plannedWork.ts';
import type { JudgedPlan, Matched, Repair, SurveyedPlan } from './repairPlan.ts';
import type { Section } from '../geometry/section.ts';

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
  /** what is mixed, in which batches; absent on sheets that an earlier version kept */
  readonly mixes?: readonly Mix[];
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
  /** further drawings of the same place */
  readonly more?: readonly Section[];
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
  if (chosen)
    return say`${stopped}Chosen: ${chosen.candidate.system.title}${chosen.reason === undefined ? '' : `, against the verdict, because: ${chosen.reason}`}.`;
  if (fits.length === 0 && care.length === 0) return say`${stopped}No system fits as it is; Match says what would have to change.`;
  return say`${stopped}${fits.length === 0 ? 'Nothing fits without care' : `Fits: ${fits.join('; ')}`}. ${care.length === 0 ? '' : `With care: ${care.join('; ')}.`}`;
}

/** Why there is no work on a defect as it stands. */
export function noWorkWords({ held, problem }: Matched): Saying {
  if (held) return say`The plan stops here until it is decided and recorded.`;
  return problem() ?? say`No system with a method fits it as it is. Match says what would have to change.`;
}

function nothingSaying(plan: JudgedPlan): Saying {
  if (plan.held) return say`The plan stops here until it is decided and recorded.`;
  return plan.problem ?? say`No system with a method fits this crack as it is.`;
}

const caresOf = ({ against }: PlannedWork['candidate']): SheetWork['cares'] => against.map((v) => ({ title: v.title, why: v.reason(), source: v.source }));

/** Resin and sand of a groove as a mix: a section at a time, within the gel time. */
function grooveMix({ method, batch }: Repair): Mix {
  return {
    id: 'resin',
    title: method.system.title,
    total: batch.resinPlaced,
    batches: method.sections.count,
    within: method.gel,
    parts: [
      { what: 'Resin', amount: batch.resinPlaced },
      { what: 'Dry sand', amount: batch.sandPlaced },
    ],
    says: [batch.sandWay, ...batch.atEveryCartridge],
  };
}

/** The work of any family but the groove of resin and sand. */
function familyWork({ candidate, by, reason, method, schedule, quantities, mixes, cautions }: PlannedWork): SheetWork {
  return {
    system: candidate.system.id,
    title: candidate.system.title,
    named: method.named,
    by,
    ...(reason !== undefined && { reason }),
    cares: caresOf(candidate),
    schedule,
    quantities,
    mixes,
    cautions,
  };
}

function workOf(plan: JudgedPlan): SheetWork | undefined {
  const { repair, planned } = plan;
  if (!repair || !planned) {
    const work = plan.work();
    return work && familyWork(work);
  }
  const { candidate, by, reason } = planned;
  return {
    system: candidate.system.id,
    title: candidate.system.title,
    named: repair.method.size.named,
    by,
    ...(reason !== undefined && { reason }),
    cares: caresOf(candidate),
    schedule: repair.schedule,
    quantities: quantitiesOf(repair),
    cautions: repair.cautions,
    mixes: [grooveMix(repair)],
  };
}

/** What was measured, in one sentence. */
function measuredSaying({ surveyed }: SurveyedPlan, { subject }: Matched): Saying {
  const rows = surveyed.measured.reduce<Saying>((words, { label, figure }) => say`${words}; ${label.toLowerCase()} ${figure}`, []);
  return say`${surveyed.size}${rows}; air ${subject.airC}, ground ${subject.slabC}, ${subject.dewMargin} above the dew point.`;
}

/** The drawings of a plan: of its work, else of the place as it was found. */
export function sectionsOf(plan: JudgedPlan | SurveyedPlan): readonly Section[] {
  if (plan.state === 'judged') {
    const work = plan.repair ? undefined : plan.work();
    return work ? [work.section, ...work.more] : [plan.section];
  }
  const work = plan.match?.work();
  return work ? [work.section, ...work.more] : plan.section ? [plan.section] : [];
}

/** An answer as it stands alone: a bare 'no' says nothing there; one of a single word, or one that begins with yes or it, goes with its question, but for a kind whose answers say it themselves. */
function answerWords(question: string, label: string, itself: boolean): string[] {
  if (['no', 'none', 'nothing', 'not known'].includes(label)) return [];
  if (itself) return [label];
  return [label.includes(' ') && !/^(yes\b|it\b|no,)/.test(label) ? label : `${question.replace(/\?$/, '').toLowerCase()}: ${label}`];
}

/** The answers of a sheet as a sentence; empty where none says more than its question. */
export function answersSentence({ answers }: Pick<Sheet, 'answers'>): string {
  const all = answers.join(', ');
  return all === '' ? '' : `${all.charAt(0).toUpperCase()}${all.slice(1)}.`;
}

/** The sheet of a plan that is judged, whatever its kind. */
export function sheetOf(plan: JudgedPlan | (SurveyedPlan & { readonly match: Matched }), job: Omit<Job, 'areas'>): Sheet {
  const { defect, area } = plan;
  const table = kindOf(defect.kind);
  const told = relevantAsks(table, defect.facts).filter((a) => a.ask === 'choice' && defect.facts[a.field] !== undefined && a.field !== 'claim');
  const judged = plan.state === 'judged';
  const match = judged ? plan : plan.match;
  const planned = judged ? undefined : plan.match.work();
  const work = judged ? workOf(plan) : planned && familyWork(planned);
  const [section, ...more] = sectionsOf(plan);
  return {
    mark: defect.mark,
    title: table.title,
    area: area.name,
    site: job.site,
    client: job.client,
    timeZone: job.timeZone,
    startAt: job.startAt,
    people: job.people,
    found: judged ? foundSaying(plan.subject) : measuredSaying(plan, plan.match),
    answers: told.flatMap((a) => answerWords(a.question, choiceLabel(table, a.field, defect.facts[a.field]?.value), judged)),
    grades: match.candidates
      .filter((c) => judged || c.grade !== 'out' || c.verdicts.length > 1)
      .map(({ system, grade }) => ({ system: system.id, title: system.title, grade })),
    stops: match.stops,
    section: section ?? nothingDrawn,
    ...(more.length > 0 && { more }),
    ...(work ? { work } : { nothing: judged ? nothingSaying(plan) : say`${matchWords(plan.match)} ${noWorkWords(plan.match)}` }),
    advice: plan.advice,
  };
}

/** What has no extent to draw yet. */
const nothingDrawn: Section = {
  view: 'front',
  caption: say`Nothing to draw yet`,
  footnote: say``,
  extent: { left: 0, right: 100, top: 0, bottom: 60 },
  brokenBelow: false,
  regions: [],
  lines: [],
  dimensions: [],
  notes: [],
};
