import type { First } from '../safety/firsts.ts';
import { crewWords, handsOf, lacking, skills, type Person, type Skill } from '../survey/crew.ts';
import { isOtherWork } from '../match/candidates.ts';
import type { Grade } from '../shelf/patchSystem.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { HeldStop } from '../record/decided.ts';
import type { Caution } from '../safety/caution.ts';
import type { Schedule } from '../schedule/schedule.ts';
import type { SourceId } from '../sources/register.ts';
import { areaWords } from '../survey/area.ts';
import { choiceLabel, relevantAsks } from '../survey/ask.ts';
import type { Job } from '../survey/job.ts';
import { kindOf } from '../survey/kinds.ts';
import type { Quantity } from '../quantity/quantity.ts';
import type { Link, Mark, Standing, Step } from '../method/step.ts';
import type { Material, Mix } from '../method/work.ts';
import type { PlannedWork } from './plannedWork.ts';
import type { PlannedPlan, SurveyedPlan } from './repairPlan.ts';
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
  /** the links between its steps, and what is taken along besides the mixes; absent on sheets that an earlier version kept */
  readonly links?: readonly Link[];
  readonly materials?: readonly Material[];
  /** what other work there has to heed, and what stands meanwhile; absent on sheets that an earlier version kept */
  readonly marks?: readonly Mark[];
  readonly standing?: readonly Standing[];
  /** its steps are called by what they do, in which lift and after which other; absent on sheets that numbered them */
  readonly byRole?: true;
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
  /** how many are at this repair at once */
  readonly people: 1 | 2;
  /** who comes, in words; absent on sheets that an earlier version kept */
  readonly crew?: string;
  /** what steps ask for and nobody of the crew is noted for */
  readonly lacks?: readonly Saying[];
  readonly found: Saying;
  readonly answers: readonly string[];
  /** the same as questions with their answers; absent on sheets that an earlier version kept */
  readonly facts?: readonly { readonly question: string; readonly answer: string }[];
  readonly grades: readonly { readonly system: string; readonly title: string; readonly grade: Grade }[];
  readonly stops: readonly HeldStop[];
  /** what is seen to before the first cut; absent on sheets that an earlier version kept */
  readonly firsts?: readonly First[];
  readonly section: Section;
  /** further drawings of the same place */
  readonly more?: readonly Section[];
  readonly work?: SheetWork;
  /** why there is no work on it */
  readonly nothing?: Saying;
  readonly advice: string;
}

/** Which systems fit a defect, and which fit with care; or that none does. */
export function matchWords({ candidates, held, planned }: PlannedPlan): Saying {
  const chosen = planned?.by === 'choice' ? planned : undefined;
  const titles = (grade: 'fits' | 'care') => candidates.filter((c) => c.grade === grade).map((c) => c.system.title);
  const [fits, care] = [titles('fits'), titles('care')];
  const stopped = held ? 'A stop holds it first. ' : '';
  if (chosen)
    return say`${stopped}Chosen: ${chosen.candidate.system.title}${chosen.reason === undefined ? '' : `, against the verdict, because: ${chosen.reason}`}.`;
  if (fits.length === 0 && care.length === 0) return say`${stopped}No system fits as it is; Match says what would have to change.`;
  return say`${stopped}${fits.length === 0 ? 'Nothing fits without care' : `Fits: ${fits.join('; ')}`}. ${care.length === 0 ? '' : `With care: ${care.join('; ')}.`}`;
}

/** Why there is no work on a defect as it stands. */
export function noWorkWords({ held, problem }: PlannedPlan): Saying {
  if (held) return say`The plan stops here until it is decided and recorded.`;
  return problem() ?? say`No system with a method fits it as it is. Match says what would have to change.`;
}

/** Why there is no work, after what was chosen or could be. */
function nothingSaying(plan: PlannedPlan): Saying {
  const open = !plan.held && plan.candidates.some((c) => c.grade !== 'out');
  return open || plan.planned?.by === 'choice' ? say`${matchWords(plan)} ${noWorkWords(plan)}` : noWorkWords(plan);
}

const caresOf = ({ against }: PlannedWork['candidate']): SheetWork['cares'] => against.map((v) => ({ title: v.title, why: v.reason(), source: v.source }));

/** The work as it stands on a sheet. */
function sheetWork({ candidate, by, reason, method, schedule, quantities, mixes, cautions }: PlannedWork): SheetWork {
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
    links: method.links,
    materials: method.materials,
    marks: method.marks,
    standing: method.standing,
    byRole: true,
  };
}

/** What was measured, in one sentence. */
function foundSaying({ surveyed, subject, defect }: PlannedPlan): Saying {
  // what its size says already is not said again
  const more = surveyed.measured.filter(({ figure }) => !surveyed.size.includes(figure));
  const rows = more.reduce<Saying>((words, { label, figure }) => say`${words}; ${label.toLowerCase()} ${figure}`, []);
  const { ground = 'ground' } = kindOf(defect.kind);
  return say`${surveyed.told ?? say`${surveyed.size}${rows}`}; air ${subject.airC}, ${ground} ${subject.slabC}, ${subject.humidity} humidity, ${subject.dewMargin} above the dew point.`;
}

/** The drawings of a plan: of its work, else of the place as it was found. */
export function sectionsOf(plan: SurveyedPlan | PlannedPlan): readonly Section[] {
  const work = plan.state === 'planned' ? plan.work() : undefined;
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

/** The sheet of a plan, whatever its kind. */
export function sheetOf(plan: PlannedPlan, job: Omit<Job, 'areas'>): Sheet {
  const { defect, area } = plan;
  const table = kindOf(defect.kind);
  const told = relevantAsks(table, defect.facts).filter((a) => a.ask === 'choice' && defect.facts[a.field] !== undefined && a.field !== 'claim');
  const work = plan.work();
  const [section, ...more] = sectionsOf(plan);
  const lacks = lacksOf(job.crew, work?.method.steps ?? []);
  return {
    mark: defect.mark,
    title: table.title,
    area: areaWords(area),
    site: job.site,
    client: job.client,
    timeZone: job.timeZone,
    startAt: job.startAt,
    people: handsOf(job.crew),
    crew: crewWords(job.crew),
    ...(lacks.length > 0 && { lacks }),
    found: foundSaying(plan),
    answers: told.flatMap((a) => answerWords(a.question, choiceLabel(table, a.field, defect.facts[a.field]?.value), table.answersSpeak === true)),
    facts: told.map((a) => ({ question: a.question, answer: choiceLabel(table, a.field, defect.facts[a.field]?.value) })),
    grades: plan.candidates.filter((c) => !isOtherWork(c)).map(({ system, grade }) => ({ system: system.id, title: system.title, grade })),
    stops: plan.stops,
    firsts: plan.firsts,
    section: section ?? nothingDrawn,
    ...(more.length > 0 && { more }),
    ...(work ? { work: sheetWork(work) } : { nothing: nothingSaying(plan) }),
    advice: plan.advice,
  };
}

/** What steps ask somebody to be able to do, and nobody of the crew is noted for. */
function lacksOf(crew: readonly Person[], steps: readonly Step[]): readonly Saying[] {
  const asking = (skill: Skill) => steps.find((s) => s.handsOn?.skills.some((asked) => asked.skill === skill));
  return lacking(
    crew,
    steps.flatMap((s) => s.handsOn?.skills.map((asked) => asked.skill) ?? []),
  ).map((skill) => say`Nobody of this crew is noted as ‘${skills[skill]}’, and this asks for it: ${asking(skill)?.title ?? ''}.`);
}

/** Who works by a sheet, in words. */
export function whoWords({ crew, people }: { readonly crew?: string | undefined; readonly people: 1 | 2 }): string {
  return crew ?? (people === 1 ? 'one person' : 'a pair');
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
