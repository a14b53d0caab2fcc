import { crewToday, crewWords } from '../survey/crew.ts';
import { Figure } from '../quantity/figure.ts';
import { fullDate, instant, say, type Part, type Saying } from '../quantity/saying.ts';
import type { Step } from '../method/step.ts';
import { schoolQuestions } from '../schools/schools.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { genericShelf } from '../shelf/shelf.ts';
import { areaTable } from '../survey/area.ts';
import type { AskTable, LooseFacts } from '../survey/ask.ts';
import { factSaying } from '../survey/factSaying.ts';
import { usualHouseRules, type Area, type Defect, type HouseRules, type Job } from '../survey/job.ts';
import { kindOf } from '../survey/kinds.ts';
import { withUsual } from '../survey/usual.ts';
import type { HeldStop } from '../record/decided.ts';
import { defectToday, rulesToday, shelfToday } from '../record/renamed.ts';
import { coreVersion } from '../version.ts';
import { keepSheet, type KeptSheet } from './keptSheet.ts';
import { plannedOf, planRepair, type PlanInput, type RepairPlan } from './repairPlan.ts';
import { sheetOf, type Sheet } from './sheet.ts';

/** Everything a plan was made from, with the shelf's records copied in. */
export interface IssuedInputs {
  readonly job: Omit<Job, 'areas'>;
  readonly area: Omit<Area, 'defects'>;
  readonly defect: Defect;
  readonly rules: HouseRules;
  readonly shelf: readonly PatchSystem[];
}

/** A plan that was printed, kept or begun: what it was made from, by which version, and what came of it. */
export interface IssuedPlan {
  readonly format: 'oddment-issued-plan';
  /** 2: its sheet keeps the links between steps, what each asks and uses, and the materials; 1: only what stands on it */
  readonly version: 1 | 2;
  readonly core: string;
  readonly inputs: IssuedInputs;
  readonly kept: KeptSheet;
}

/** One thing in which two plans differ. */
export interface PlanChange {
  readonly about: string;
  readonly was?: Saying;
  readonly now?: Saying;
}

/** What a plan is made from, without what lies around it. */
export function inputsOf({ job, area, defect, rules, shelf }: PlanInput): IssuedInputs {
  const { id, site, client, timeZone, units, startAt, crew } = job;
  // with what is usual in the area, which may be another thing by the time it is read
  const { id: defectId, kind, mark, facts, confirmed, choice, schools, sand, decisions, note } = withUsual(area, defect);
  return {
    job: { id, site, client, timeZone, units, startAt, crew },
    area: { id: area.id, name: area.name, facts: area.facts },
    defect: {
      id: defectId,
      kind,
      mark,
      facts,
      confirmed,
      decisions,
      ...(choice && { choice }),
      ...(schools && { schools }),
      ...(sand && { sand }),
      ...(note !== undefined && { note }),
    },
    rules: rules ?? usualHouseRules,
    shelf: shelf ?? genericShelf,
  };
}

/** Inputs in the shape and the names of today, whatever version kept them. */
function asKeptToday({ job, rules, defect, shelf, ...rest }: IssuedInputs): IssuedInputs {
  return { ...rest, job: crewToday(job), shelf: shelf.map((s) => shelfToday(s)), rules: rulesToday(rules), defect: defectToday(defect) };
}

function planOf(inputs: IssuedInputs): RepairPlan {
  return planRepair({ ...inputs, job: { ...inputs.job, areas: [] }, area: { ...inputs.area, defects: [] } });
}

/**
 * Issues the plan of a repair.
 * @returns the plan to keep, or why it cannot be issued
 */
export function issuePlan(input: PlanInput): { readonly ok: true; readonly plan: IssuedPlan } | { readonly ok: false; readonly why: Saying } {
  const inputs = inputsOf(input);
  const plan = planOf(inputs);
  if (plan.state === 'incomplete') {
    const open = [...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => a.question);
    return {
      ok: false,
      why: open.length > 0 ? say`There is no plan yet. Still to answer: ${open.join('; ')}` : say`There is no plan yet: something in the answers cannot be.`,
    };
  }
  const sheet = sheetOfAny(plan, inputs.job);
  if (!sheet) return { ok: false, why: say`There is no plan yet. Still to answer: ${plan.sense.area.missing.map((a) => a.question).join('; ')}` };
  if (!sheet.work) return { ok: false, why: say`There is nothing to issue. ${sheet.nothing ?? ''}` };
  return { ok: true, plan: { format: 'oddment-issued-plan', version: 2, core: coreVersion, inputs, kept: keepSheet(sheet, plan.ledger) } };
}

/** The sheet that the core as it is now makes of the same inputs; nothing where it makes no plan of them. */
export function sheetAgain(issued: IssuedPlan): Sheet | undefined {
  const inputs = asKeptToday(issued.inputs);
  return sheetOfAny(planOf(inputs), inputs.job);
}

/** The sheet of a plan of any kind; nothing where it is not judged yet. */
function sheetOfAny(plan: RepairPlan, job: IssuedInputs['job']): Sheet | undefined {
  const judged = plannedOf(plan);
  return judged && sheetOf(judged, job);
}

function samePart(a: Part, b: Part, startA: number, startB: number): boolean {
  if (typeof a === 'string' || typeof b === 'string') return a === b;
  if (a instanceof Figure || b instanceof Figure) return a instanceof Figure && b instanceof Figure && a.kind === b.kind && a.value === b.value;
  // clock times are compared as times after the start: another start alone is one change, not forty
  return Date.parse(a.instant) - startA === Date.parse(b.instant) - startB;
}

/** A row of a comparison: what it is in both, what it is called, and what decides whether it is the same. */
interface Compared {
  readonly key: string;
  readonly about: string;
  readonly words: Saying;
  /** compared in place of the words; empty where only that it is there counts */
  readonly by?: Saying;
}

/** Rows of one key are told apart by their turn. */
function byTurn(rows: readonly Compared[]): Compared[] {
  const seen = new Map<string, number>();
  return rows.map((row) => {
    const turn = (seen.get(row.key) ?? 0) + 1;
    seen.set(row.key, turn);
    return turn === 1 ? row : { ...row, key: `${row.key} (${String(turn)})`, about: `${row.about} (${String(turn)})` };
  });
}

/** The rows of one table against those of another, by what they are. */
function changedRows(before: readonly Compared[], after: readonly Compared[], starts: readonly [number, number]): PlanChange[] {
  const [was, now] = [byTurn(before), byTurn(after)];
  const same = (a: Saying, b: Saying) => a.length === b.length && a.every((part, i) => samePart(part, b[i] ?? '', ...starts));
  const gone = was.filter((w) => !now.some((n) => n.key === w.key)).map((w): PlanChange => ({ about: w.about, was: w.words }));
  const other = now.flatMap((n): PlanChange[] => {
    const before = was.find((w) => w.key === n.key);
    if (!before) return [{ about: n.about, now: n.words }];
    return same(before.by ?? before.words, n.by ?? n.words) ? [] : [{ about: n.about, was: before.words, now: n.words }];
  });
  return [...gone, ...other];
}

/** A step as it is called in a list of differences. */
function stepName({ builder, lift, section }: Step): string {
  return `Step ${builder.replaceAll('-', ' ')}${lift === undefined ? '' : `, lift ${String(lift)}`}${section && section.of > 1 ? `, section ${String(section.n)}` : ''}`;
}

const gradeWords = { fits: 'fits', care: 'fits with care', out: 'ruled out' } as const;

/**
 * What of a sheet is compared: its system and verdicts, stops, times and what is taken along, each by its id. How a step,
 * a caution or an amount is worded is no difference. @param materials whether both sheets tell their materials
 */
function comparable(
  { startAt, stops, grades, work, nothing }: Sheet,
  { materials, byRole }: { readonly materials: boolean; readonly byRole: boolean },
): Compared[] {
  const rows: Compared[] = [];
  const add = (key: string, about: string, words: Saying, by?: Saying) => rows.push({ key, about, words, ...(by && { by }) });
  add('start', 'Start of the work', say`${instant(startAt)}`);
  if (nothing) add('nothing', 'No work', nothing, []);
  if (work) {
    add('system', 'System', say`${work.title}, ${work.named}`, say`${work.system}, ${work.named}`);
    add('total', 'From start to finish', say`${work.schedule.total}`);
    add('hands-on', 'By hand', say`${work.schedule.handsOn}`);
    add('open', 'In use from', say`${instant(work.schedule.openAt)}`);
    for (const q of work.quantities) add(`quantity ${q.id}`, q.label, say`${q.figure}`);
    // a part that is told as a quantity is not told twice
    const quantities = new Set(work.quantities.map((q) => q.figure.id));
    for (const mix of work.mixes ?? []) {
      if (mix.within) add(`mix ${mix.id} within`, `${mix.title}: placed within`, say`${mix.within}`);
      mix.parts.forEach((p, i) => {
        if (!quantities.has(p.amount.id)) add(`mix ${mix.id} ${String(i)}`, `${mix.title}: ${p.what.toLowerCase()}`, say`${p.amount}`);
      });
    }
    for (const m of materials ? (work.materials ?? []) : []) if (!quantities.has(m.amount.id)) add(`material ${m.id}`, m.what, say`${m.amount}`);
    for (const { step } of work.schedule.rows)
      // where one of the two numbered its steps they are told apart by what they do, and by their turn
      add(
        `step ${byRole ? step.id : step.builder}`,
        stepName(step),
        say`${step.title}: ${step.detail}; ${step.minutes}`,
        step.kind === 'work' ? [] : say`${step.minutes}`,
      );
  }
  for (const s of stops) add(`stop ${s.id}`, `Stop: ${s.title}`, s.open ? say`open` : say`decided`);
  for (const g of grades) add(`match ${g.system}`, `Match: ${g.title}`, say`${gradeWords[g.grade]}`);
  return rows;
}

/** What is said in place of a plan that is not complete. */
export const stillToAnswer = 'Something is still to be answered in Walk.';

/** Why an issued plan is not gone on from as it is. */
export interface Overtaken {
  /** a stop is open: it waits until that is decided or answered */
  readonly held: boolean;
  readonly says: Saying;
  /** the same in a list, or beside the stop itself */
  readonly brief: string;
}

/**
 * Whether the repair as it is now still gives a plan at all. A sheet that was printed before knows nothing of a stop
 * that was found after it.
 * @returns nothing where there is work on it now, whatever differs
 */
export function overtaken(now: RepairPlan, job: IssuedInputs['job']): Overtaken | undefined {
  const sheet = sheetOfAny(now, job);
  if (!sheet) return { held: false, says: say`${lookAgain} ${stillToAnswer}`, brief: noPlanNow };
  const { stops, work, nothing } = sheet;
  const open = stops.filter((s) => s.open);
  const [first] = open;
  if (first)
    return {
      held: true,
      says: say`Do not go on from this plan: a stop holds the repair now. ${first.why} ${decidesWords(first)}${open.length > 1 ? ` ${open.length === 2 ? 'One more stop is' : `${String(open.length - 1)} more stops are`} open.` : ''}`,
      brief: 'a stop holds it now',
    };
  return work ? undefined : { held: false, says: say`${lookAgain} ${nothing ?? ''}`, brief: noPlanNow };
}

const lookAgain = 'Look again before going on from this plan: the facts as they are now give none.';
const noPlanNow = 'no plan of it now';
const decidesWords = ({ who, liftedBy }: HeldStop): string =>
  liftedBy === 'decision' ? `It waits until it is decided, and recorded here: ${who}.` : `It waits until it is answered in Walk: ${who}.`;

/**
 * In what a plan differs from an earlier one: system, stops, times, what is taken along, verdicts. Where there is
 * no work any longer that is one difference, not one for every step that is gone.
 */
export function planChanges(was: Sheet, now: Sheet): PlanChange[] {
  const { work, ...bare } = was;
  const starts = [Date.parse(was.startAt), Date.parse(now.startAt)] as const;
  // a system that is not told of on both sheets says nothing of either
  const materials = work?.materials !== undefined && now.work?.materials !== undefined;
  const how = { materials, byRole: work?.byRole === true && now.work?.byRole === true };
  const changes = changedRows(comparable(now.work && work ? was : bare, how), comparable(now, how), starts).filter(
    (c) => !c.about.startsWith('Match: ') || (c.was && c.now),
  );
  if (was.startAt === now.startAt) return changes;
  return [
    { about: 'Start of the work', was: say`${instant(was.startAt)}`, now: say`${instant(now.startAt)}` },
    ...changes.filter((c) => c.about !== 'Start of the work'),
  ];
}

function factRows(table: AskTable, facts: LooseFacts): Compared[] {
  return table.asks.flatMap((ask) => {
    const fact = facts[ask.field];
    return fact === undefined ? [] : [{ key: ask.field, about: ask.question, words: factSaying(ask, fact) }];
  });
}

function inputRows({ job, area, defect, rules }: IssuedInputs): Compared[] {
  const choices: Compared[] = [
    { key: 'people', about: 'People', words: say`${crewWords(job.crew)}` },
    { key: 'system', about: 'Chosen system', words: say`${defect.choice?.system ?? 'none yet'}` },
    ...schoolQuestions.flatMap((q): Compared[] => {
      const side = q.sides.find((s) => s.id === (defect.schools?.[q.id] ?? rules.schools[q.id]));
      return side ? [{ key: q.id, about: q.question, words: say`${side.title}`, by: say`${side.id}` }] : [];
    }),
    { key: 'sand', about: 'Sand', words: say`${defect.sand ?? 'one'}` },
    ...defect.decisions.map((d) => ({ key: `decision ${d.stop}`, about: `Decision: ${d.stop}`, words: say`${d.who}, ${fullDate(d.on)}: ${d.what}` })),
  ];
  return [...factRows(areaTable, area.facts).map((r) => ({ ...r, key: `area ${r.key}` })), ...factRows(kindOf(defect.kind), defect.facts), ...choices];
}

/** Which facts and choices differ from those a plan was issued on. */
export function inputChanges(was: IssuedInputs, now: IssuedInputs): PlanChange[] {
  return changedRows(inputRows(asKeptToday(was)), inputRows(now), [0, 0]);
}
