import type { Lag, Link, Mark, Moment, Step } from '../method/step.ts';
import type { Mix, WorkMethod } from '../method/work.ts';
import { Ledger } from '../quantity/ledger.ts';
import type { Activity, PlaceMark, Point, Stand, Tie } from '../schedule/days/problem.ts';
import { activityOf, usualPair } from './stepActivity.ts';

/** The method of a repair as a part of a problem of days, its activities numbered from nothing. */
export interface RepairNetwork {
  readonly activities: readonly Omit<Activity, 'repair'>[];
  readonly ties: readonly Tie[];
  readonly marks: readonly Omit<PlaceMark, 'place'>[];
  readonly stands: readonly Stand[];
  /** min of covering before, and of clearing away after */
  readonly cover: number;
  readonly away: number;
}

interface From {
  readonly mark: string;
  readonly area: string;
  /** the largest batch, in the unit of amounts */
  readonly most: number;
  readonly grid: number;
}

interface Edge {
  readonly from: string;
  readonly after: 'start' | 'end';
  readonly to: string;
  readonly least?: Lag;
  readonly most?: Lag;
  readonly overBy?: Lag;
  readonly sameDay?: true;
  /** what lies between does not keep: begun as soon as it is over */
  readonly soon?: true;
  readonly habit?: true;
}

/** What takes longer than this spans the night as it is. */
const longMin = 420;

/** Whether a step is done the same day as one that does not keep over night: it waits for nothing long, or it is the next work. */
function isSameDay({ steps, links }: WorkMethod, { from, after, to, least }: Link): boolean {
  const i = steps.findIndex((s) => s.id === from);
  const first = steps[i];
  if (first?.straightOn !== true || first.kind !== 'work' || after !== 'end' || first.minutes.value > longMin) return false;
  const next = steps.slice(i + 1).find((s) => s.kind === 'work')?.id === to;
  if (next) return (least?.minutes.value ?? 0) < longMin;
  return !least && links.every((l) => l.to !== to || (l.least?.minutes.value ?? 0) < longMin);
}

/** Whether the wait right before a step is one that does not keep: ground is kept wet for so long, not over the next night. */
function endsSoon(steps: readonly Step[], to: string): boolean {
  const before = steps[steps.findIndex((s) => s.id === to) - 1];
  return before?.kind === 'wait' && before.straightOn === true;
}

/** Takes a step out of a network: what came before it is followed by what came after, with the longer of the lags between them. */
function bridged(edges: readonly Edge[], step: string): Edge[] {
  const [before, after] = [edges.filter((e) => e.to === step), edges.filter((e) => e.from === step)];
  const rest = edges.filter((e) => e.to !== step && e.from !== step);
  const longer = (a: Lag | undefined, b: Lag | undefined) => (!a || (b && b.minutes.value > a.minutes.value) ? b : a);
  const made = before.flatMap((b) =>
    after.map((a): Edge => {
      const least = longer(b.least, a.least);
      return {
        from: b.from,
        after: b.after,
        to: a.to,
        ...(least && { least }),
        ...(b.sameDay && { sameDay: true }),
        ...(b.soon && { soon: true }),
      };
    }),
  );
  return [...rest, ...made.filter((m) => !rest.some((r) => r.from === m.from && r.to === m.to && r.after === m.after && !r.most && !m.least))];
}

/** A mixing step of a single batch that is placed by the step after it: its minutes are set-up of that, and may be shared. */
function batchOf(step: Step, edges: readonly Edge[], mixes: readonly Mix[]): { readonly to: string; readonly mix: Mix } | undefined {
  if (!step.builder.startsWith('mix-') || step.handsOn?.efforts.every((e) => e.by === 'fixed') !== true) return undefined;
  const [next, ...more] = edges.filter((e) => e.from === step.id);
  if (!next || more.some((m) => m.to !== next.to) || next.after !== 'end' || next.least || next.most) return undefined;
  const mix = mixes.find((m) => m.serves.includes(next.to) && m.key !== undefined && m.batches.value === 1 && m.total.kind === 'volume');
  return mix && mix.serves.length === 1 ? { to: next.to, mix } : undefined;
}

/** What is mixed, or still fresh, is begun with so many min later at the most: nothing stands in the pail over lunch. Common practice. */
const atOnceMin = 10;

/** What has to follow within so many min, whoever is at it does himself. Common practice. */
const goesOnMin = 30;

/** What a mixing step mixes is placed by the steps behind it, up to the next mixing, before it goes off: where it is mixed several times, each of them in its time. */
function placedInTime(ledger: Ledger, mixed: readonly Step[], mixes: readonly Mix[], steps: readonly Step[]): Edge[] {
  const isMixing = (s: Step) => s.builder.startsWith('mix-');
  return mixed.filter(isMixing).flatMap((step): Edge[] => {
    const i = steps.indexOf(step);
    const until = steps.findIndex((s, n) => n > i && isMixing(s));
    const behind = steps.slice(i + 1, until < 0 ? undefined : until);
    return mixes.flatMap(({ within, batches, serves }) => {
      const placing = behind.filter((s) => serves.includes(s.id));
      if (!within || placing.length === 0) return [];
      const mixings = steps.filter((s, n) => isMixing(s) && serves.includes(steps.slice(n + 1).find((o) => o.kind === 'work')?.id ?? '')).length;
      const goes = Math.ceil(batches.value / Math.max(1, mixings));
      const minutes = goes > 1 ? ledger.stated('One batch after the other', 'duration', within.value * goes) : within;
      const atOnce = ledger.stated('Nothing stands in the pail', 'duration', atOnceMin);
      return placing.map((s, n): Edge => ({
        from: step.id,
        after: 'end',
        to: s.id,
        overBy: { by: 'fixed', minutes },
        ...(n === 0 && { most: { by: 'fixed', minutes: atOnce }, habit: true }),
      }));
    });
  });
}

/** How late, of what it waits, a step that is done soon may begin at the most: as long again, and never less than an hour. Common practice. */
const soonLeastMin = 60;

/** A window for what is done as soon as it can be. */
function soonest(ledger: Ledger, steps: readonly Step[], edges: readonly Edge[]): Edge[] {
  const soon = new Map(steps.flatMap((s) => (s.soon ? [[s.id, s.soon] as const] : [])));
  return edges.map((e) => {
    const from = steps.find((s) => s.id === e.from);
    if (!(soon.has(e.to) || e.soon === true) || e.most || e.after !== 'end' || from?.kind !== 'work') return e;
    // what has hardened first is no longer fresh
    if (soon.get(e.to) === 'at once' && e.least) return e;
    const waits = 2 * (e.least?.minutes.value ?? 0);
    const minutes = ledger.stated('As long again', 'duration', Math.max(soon.get(e.to) === 'at once' ? atOnceMin : soonLeastMin, waits));
    return { ...e, most: { by: 'fixed', minutes }, ...(!soon.has(e.to) && { habit: true }) };
  });
}

/** Steps in an order in which each comes after those it is tied to, as near to their own as may be. */
function inOrder(steps: readonly Step[], edges: readonly Edge[]): Step[] {
  const left = [...steps];
  const out: Step[] = [];
  while (left.length > 0) {
    const i = left.findIndex((s) => !edges.some((e) => e.to === s.id && left.some((o) => o.id === e.from)));
    out.push(...left.splice(Math.max(i, 0), 1));
  }
  return out;
}

/** What a method is to days: covering, mixing and waits are taken out of its steps, and told of them. */
export function repairNetwork(method: WorkMethod, { mark, area, most, grid }: From): RepairNetwork {
  const { steps, links, mixes, marks, standing } = method;
  const isCover = (s: Step) => s.handsOn?.once === 'area-day';
  let edges: readonly Edge[] = links.map((link) => {
    const { from, after, to, least, most: window } = link;
    return {
      from,
      after,
      to,
      ...(least && { least }),
      ...(window && { most: window.lag }),
      ...(isSameDay(method, link) && { sameDay: true as const, ...(links.every((l) => l.to !== to || !l.least) && { soon: true as const }) }),
      ...(least && endsSoon(steps, to) && { soon: true as const }),
    };
  });
  const batches = new Map<string, { readonly step: Step; readonly mix: Mix }>();
  const gone = new Map<string, string | undefined>();
  for (const step of steps) {
    const batch = step.kind === 'work' ? batchOf(step, edges, mixes) : undefined;
    if (batch && !batches.has(batch.to)) batches.set(batch.to, { step, mix: batch.mix });
    if (step.kind === 'wait' || isCover(step) || (batch && batches.get(batch.to)?.step === step)) {
      gone.set(step.id, batch?.to);
      edges = bridged(edges, step.id);
    }
  }
  const ledger = new Ledger();
  edges = soonest(ledger, steps, [
    ...edges,
    ...placedInTime(
      ledger,
      steps.filter((s) => !gone.has(s.id)),
      mixes,
      steps,
    ),
  ]);
  const kept = inOrder(
    steps.filter((s) => !gone.has(s.id)),
    edges,
  );
  const index = new Map(kept.map((s, i) => [s.id, i]));
  const covers = steps.filter(isCover);
  const minutesOf = (of: readonly Step[]) => of.reduce((sum, s) => sum + Math.ceil(s.minutes.value), 0);
  const covered = covers.length > 0;
  const pairHands = Math.max(1, ...steps.flatMap((s) => s.handsOn?.efforts ?? []).map((e) => (e.by === 'pace' && e.shared ? e.hands.value : 1)));
  const pair = pairHands > 1 ? pairHands : usualPair;
  const builderOf = (id: string) => steps.find((s) => s.id === id)?.builder ?? '';
  const isTools = (id: string) => builderOf(id) === 'clear-away';
  const isMixing = (id: string) => builderOf(id).startsWith('mix-');
  const activities = kept.map((s) => activityOf(s, { mark, area, most, grid, pair, mixes, covered, batch: batches.get(s.id) }));
  const point = (m: Moment): Point | undefined => {
    const act = index.get(m.step) ?? index.get(gone.get(m.step) ?? '');
    return act === undefined ? undefined : { act, at: m.at, ...(m.later && { later: m.later }) };
  };
  const spans = <T extends { readonly from: Moment; readonly to: Moment }, R>(list: readonly T[], make: (one: T, from: Point, to: Point) => R): R[] =>
    list.flatMap((one) => {
      const [from, to] = [point(one.from), point(one.to)];
      return from && to ? [make(one, from, to)] : [];
    });
  return {
    activities,
    ties: edges.flatMap(({ from, to, soon: _soon, ...e }): Tie[] => {
      const [a, b] = [index.get(from), index.get(to)];
      if (a === undefined || b === undefined) return [];
      // one alone may take longer than a mix lasts that was reckoned for two: then he mixes it in two goes
      const slowest = Math.max(0, ...(activities[b]?.ways ?? []).map((w) => w.minutes));
      const alone = e.overBy &&
        slowest > e.overBy.minutes.value && { by: 'fixed' as const, minutes: ledger.stated('One after the other', 'duration', slowest) };
      const goesOn = !e.least && (isTools(to) || (e.most !== undefined && e.most.minutes.value <= goesOnMin && !isMixing(from)));
      return [{ ...e, ...(alone && { overBy: alone }), ...(goesOn && { goesOn: true as const }), from: a, to: b }];
    }),
    marks: spans(marks, (m: Mark, from, to) => ({ is: m.is, from, to })),
    stands: spans(standing, (s, from, to) => ({ thing: s.thing, from, to })),
    cover: minutesOf(covers.filter((s) => s.builder !== 'put-away')),
    away: minutesOf(covers.filter((s) => s.builder === 'put-away')),
  };
}
