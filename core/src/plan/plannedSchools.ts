import type { Candidate } from '../match/candidates.ts';
import { familyReads } from '../method/families.ts';
import { arises, concerns, takenSide, type Preferences, type SchoolQuestion, type SchoolSide, type TakenSide } from '../schools/school.ts';
import { schoolQuestions } from '../schools/schools.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { once } from './once.ts';
import type { PlannedWork } from './plannedWork.ts';

/** What one side of a question comes to on this repair. */
export interface SchoolEffect {
  readonly side: SchoolSide;
  readonly taken: boolean;
  /** made when someone looks; nothing where this side cannot be done here */
  readonly work: () => PlannedWork | undefined;
}

/** A question on which the trade differs, as it stands for this repair; with what each side comes to where the method follows it. */
export interface PlannedSchool extends TakenSide {
  readonly effects: readonly SchoolEffect[];
  /** what the side taken does besides the method, or why it does nothing here */
  readonly does?: string;
}

/** The side taken of every question that is about a kind, in the order of the work. */
export function sidesFor(
  kind: string,
  [own = {}, firm = {}]: readonly [Preferences | undefined, Preferences | undefined],
  answers: Readonly<Record<string, string | undefined>>,
): readonly TakenSide[] {
  return schoolQuestions.filter((q: SchoolQuestion) => arises(q, kind) && concerns(q, answers)).map((q) => takenSide(q, own, firm, answers));
}

/** What each side of a question comes to with a candidate, where its method follows the question. */
function effectsOf(
  { question, side, barred }: TakenSide,
  candidate: Candidate | undefined,
  workOfSide: (side: SchoolSide) => PlannedWork | undefined,
): readonly SchoolEffect[] {
  if (!candidate || !(candidate.chain ?? [candidate.system]).some((m) => familyReads(m).includes(question.id))) return [];
  return question.sides
    .filter((s) => !barred.some((b) => b.side === s.id))
    .map((one) => ({ side: one, taken: one === side, work: once(() => workOfSide(one)) }));
}

/** Why a system is proposed before others that fit as well: somebody took a side that it goes by. The situation alone favors none. */
export function favorsOf(taken: readonly TakenSide[]): (system: PatchSystem) => string | undefined {
  const wanted = taken.filter(({ by, side }) => by !== 'context' && side.favors);
  return ({ id, basedOn }) => {
    const by = wanted.find(({ side }) => side.favors?.includes(basedOn ?? id));
    return by && `${by.question.question} ${by.side.title}`;
  };
}

/** What the side taken does besides the method, or why it does nothing. */
function doesOf({ question, side }: TakenSide, candidate: Candidate | undefined, moves: boolean): string | undefined {
  if (side.unplanned !== undefined) return `Taken all the same, it changes nothing here: ${side.unplanned}.`;
  const other = question.sides.find((s) => s.unplanned !== undefined);
  if (other?.unplanned !== undefined) return `The other way is not planned: ${other.unplanned}.`;
  if (question.sides.some((s) => s.favors)) return 'It says which systems are proposed first, of those that fit alike.';
  if (question.before) return 'It says what is seen to before the first cut.';
  if (moves) return undefined;
  return candidate ? `It changes nothing here: ${candidate.system.title.toLowerCase()} does not come to it.` : 'Nothing is planned that it could change.';
}

/** A question as it stands for a repair, with what each side comes to and what it does besides. */
export function plannedSchool(taken: TakenSide, candidate: Candidate | undefined, workOfSide: (side: SchoolSide) => PlannedWork | undefined): PlannedSchool {
  const effects = effectsOf(taken, candidate, workOfSide);
  const does = doesOf(taken, candidate, effects.length > 0);
  return { ...taken, effects, ...(does !== undefined && { does }) };
}
