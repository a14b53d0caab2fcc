import { leaves, type Candidate } from '../match/candidates.ts';
import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { instant, say, type Saying } from '../quantity/saying.ts';
import { dryingAir } from '../schools/dryingAir.ts';
import type { Timed } from '../schedule/schedule.ts';
import type { Defect } from '../survey/job.ts';
import { plannedOf, planRepair, type PlanInput } from './repairPlan.ts';
import { sheetOf, type Sheet } from './sheet.ts';

/** A way to be done by a moment: which system, when it is done, and to which finish level. */
export interface InTime {
  readonly system: string;
  readonly title: string;
  readonly doneAt: string;
  readonly level?: Figure;
  /** it is in time with a fan over what dries, and only so */
  readonly fan?: true;
}

/** What can be done by a deadline. */
export interface ByDeadline {
  /** the fastest of those that meet it and finish all that was asked */
  readonly fastest?: InTime;
  readonly says: Saying;
}

interface Way {
  readonly way: InTime;
  readonly sheet: Sheet;
  readonly done: number;
  /** how much of what was asked it leaves open */
  readonly open: number;
}

/** Coats over the tape that are on by a moment, and the level that they make. */
function levelBy(sheet: Sheet, deadline: number): number {
  const coats = (sheet.work?.schedule.rows ?? []).filter((r) => r.step.sign === 'coat' && Date.parse(r.end) <= deadline).length;
  return coats === 0 ? 1 : coats === 1 ? 3 : 4;
}

const levelIn = (sheet: Sheet): Pick<InTime, 'level'> => {
  const level = sheet.work?.quantities.find((q) => q.id === 'level')?.figure;
  return level ? { level } : {};
};

/** One candidate planned for itself; with a fan where that is asked. */
function wayOf(input: PlanInput, candidate: Candidate, fan: boolean): Way | undefined {
  const { id } = candidate.system;
  const schools = fan ? { ...input.defect.schools, [dryingAir.id]: 'fan' } : input.defect.schools;
  const plan = plannedOf(planRepair({ ...input, defect: { ...input.defect, choice: { system: id }, ...(schools && { schools }) } }));
  const sheet = plan && sheetOf(plan, input.job);
  if (!sheet?.work) return undefined;
  const { title, schedule } = sheet.work;
  return {
    way: { system: id, title, doneAt: schedule.doneAt, ...levelIn(sheet), ...(fan && { fan: true as const }) },
    sheet,
    done: Date.parse(schedule.doneAt),
    open: leaves(candidate),
  };
}

/** The first step of a way that is not over by a moment. */
const lateIn = ({ sheet }: Way, until: number): Timed | undefined => sheet.work?.schedule.rows.find((r) => r.step.kind === 'work' && Date.parse(r.end) > until);

const named = ({ title, fan }: InTime): Saying => (fan ? say`${title.toLowerCase()} with a fan over each coat` : say`${title.toLowerCase()}`);
const leveled = ({ level }: InTime): Saying => (level ? say`, to level ${level}` : say``);

function inTime(ledger: Ledger, best: Way, ways: readonly Way[], until: number): ByDeadline {
  const many = ways.filter((w) => w.done <= until).length;
  const others = many === 1 ? say`With no other system it is.` : say`${ledger.assumed('Ways in time', 'count', many, 'geometry')} ways are in time.`;
  return { fastest: best.way, says: say`In time: ${named(best.way)} is done ${instant(best.way.doneAt)}${leveled(best.way)}. ${others}` };
}

/**
 * The fastest way that is done by a deadline and finishes what was asked, to the level of the face: faster systems first, then a fan
 * over what dries. Where none is in time, the step that does not fit, and the level that can be met by then.
 * @param deadline an ISO instant
 */
export function fastestBy(input: PlanInput, deadline: string): ByDeadline | undefined {
  const first = plannedOf(planRepair(input));
  if (!first) return undefined;
  const { candidates, ledger } = first;
  const until = Date.parse(deadline);
  const waysWith = (fan: boolean): readonly Way[] => {
    const all = candidates
      .filter((c) => c.grade !== 'out')
      .flatMap((c) => wayOf(input, c, fan) ?? [])
      .sort((a, b) => a.done - b.done);
    // only what finishes all that was asked is a right way; and where the face asks for a level, what works to one
    const least = Math.min(...all.map((w) => w.open));
    const right = all.filter((w) => w.open === least);
    const toLevel = right.filter((w) => w.way.level !== undefined);
    return toLevel.length > 0 ? toLevel : right;
  };
  const still = waysWith(false);
  const [best] = still;
  if (!best) return { says: say`Nothing fits as it is: no way is done by then.` };
  if (best.done <= until) return inTime(ledger, best, still, until);
  const blown = waysWith(true);
  const [faster = best] = blown;
  if (faster.done <= until) return inTime(ledger, faster, blown, until);
  const last = faster.done < best.done ? faster : best;
  const late = lateIn(last, until);
  const { way } = last;
  const stands = way.level
    ? say` By the deadline it stands at level ${ledger.assumed('Level by then', 'count', levelBy(last.sheet, until), 'ga-214')} of ${way.level}, neither primed nor painted.`
    : say``;
  return {
    says: say`None is done by then. The fastest, ${named(way)}, is done ${instant(way.doneAt)}.${late ? say` What does not fit first: ${late.step.title}, done ${instant(late.end)}.` : ''}${stands}`,
  };
}

/** What of a repair changes where a way is taken: its system, and the fan where it is in time with one only. */
export function takenFor({ schools }: Pick<Defect, 'schools'>, { system, fan }: InTime): Pick<Defect, 'choice' | 'schools'> {
  return { choice: { system }, ...(fan && { schools: { ...schools, [dryingAir.id]: 'fan' } }) };
}
