import type { Sourced } from '../quantity/ledger.ts';
import type { SourceId } from '../sources/register.ts';

/** One side of a question on which the trade differs: its reason in a sentence, and the figures it sets. */
export interface SchoolSide {
  readonly id: string;
  readonly title: string;
  readonly reason: string;
  readonly sets?: Readonly<Record<string, Sourced>>;
  /** systems that go this way: of those that fit alike they are proposed first where somebody took this side */
  readonly favors?: readonly string[];
  /** why no plan goes this way: taken all the same, it changes nothing, and that is said */
  readonly unplanned?: string;
}

/** Answers under which something holds: each field named has one of its values. */
export type When = Readonly<Record<string, readonly string[]>>;

/** A question on which the trade differs. Both sides are there where both can be right. */
export interface SchoolQuestion {
  readonly id: string;
  readonly question: string;
  /** kinds of defect on which it arises */
  readonly kinds: readonly string[];
  /** systems on which it arises; absent: all that suit the kind */
  readonly systems?: readonly string[];
  /** answers without which it does not arise */
  readonly only?: When;
  /** it says what is seen to before the first cut */
  readonly before?: true;
  readonly sides: readonly [SchoolSide, SchoolSide];
  /** the side taken where nobody chose */
  readonly usual: string;
  /** when the other one is taken where nobody chose, and why, as a clause */
  readonly unless?: readonly { readonly when: When; readonly side: string; readonly because: string }[];
  /** where a side is not offered, whoever wants it */
  readonly barred?: readonly { readonly when: When; readonly side: string; readonly why: string; readonly source: SourceId }[];
  readonly source: SourceId;
}

/** Which side of each question somebody prefers, by the question's id. */
export type Preferences = Readonly<Record<string, string>>;

/** A question as it stands for one repair. */
export interface TakenSide {
  readonly question: SchoolQuestion;
  readonly side: SchoolSide;
  /** whose choice it is: this repair's, the firm's, or the situation's */
  readonly by: 'repair' | 'firm' | 'context';
  /** why the situation asks for it, as a clause */
  readonly because?: string;
  /** sides that are not offered here */
  readonly barred: readonly { readonly side: string; readonly why: string; readonly source: SourceId }[];
}

const holds = (when: When, answers: Readonly<Record<string, string | undefined>>) =>
  Object.entries(when).every(([field, values]) => values.includes(answers[field] ?? ''));

/** Whether a question comes up with these answers. */
export function concerns({ only }: SchoolQuestion, answers: Readonly<Record<string, string | undefined>>): boolean {
  return only === undefined || holds(only, answers);
}

/** The side that a repair follows: its own choice, else the firm's, else the situation's; never one that is barred here. */
export function takenSide(question: SchoolQuestion, own: Preferences, firm: Preferences, answers: Readonly<Record<string, string | undefined>>): TakenSide {
  const barred = (question.barred ?? []).filter((b) => holds(b.when, answers));
  const offered = (id: string | undefined) => (barred.some((b) => b.side === id) ? undefined : question.sides.find((s) => s.id === id));
  const unless = question.unless?.find((u) => holds(u.when, answers) && offered(u.side));
  const [one, two] = question.sides;
  const context = offered(unless?.side ?? question.usual) ?? offered(one.id) ?? two;
  const [mine, ours] = [offered(own[question.id]), offered(firm[question.id])];
  return {
    question,
    side: mine ?? ours ?? context,
    by: mine ? 'repair' : ours ? 'firm' : 'context',
    ...(unless && !mine && !ours && { because: unless.because }),
    barred,
  };
}

/** When a question is about a kind of defect, and about a system on it. */
export function arises(question: SchoolQuestion, kind: string, system?: string): boolean {
  return question.kinds.includes(kind) && (system === undefined || !question.systems || question.systems.includes(system));
}

/**
 * What is wrong with preferences, one sentence each; none where they are right.
 * @param questions every question there is
 */
export function preferenceProblems(questions: readonly SchoolQuestion[], preferences: Preferences): readonly string[] {
  return Object.entries(preferences).flatMap(([id, side]) => {
    const question = questions.find((q) => q.id === id);
    if (!question) return [`There is no question '${id}' among the schools.`];
    return question.sides.some((s) => s.id === side)
      ? []
      : [`'${side}' is no side of '${question.question}'. It must be ${question.sides.map((s) => s.id).join(' or ')}.`];
  });
}
