import type { Figure } from '../quantity/figure.ts';
import { NotComputable } from '../quantity/formula.ts';
import type { UnitSystem } from '../quantity/kind.ts';
import { moneyText, percentOf, sharedOut, toMinor } from '../quantity/money.ts';
import { wholeAbove } from '../quantity/round.ts';
import { tell, type Telling } from '../quantity/saying.ts';
import { show } from '../quantity/show.ts';
import { siteDateTime } from '../quantity/siteTime.ts';
import { dateAfter } from '../schedule/dates.ts';
import type { Product } from '../shelf/product.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { Area, Defect, HouseRules, Job } from '../survey/job.ts';
import { kindOf } from '../survey/kinds.ts';
import { clientOptions, nextWay, scopes, type Asked, type ClientOption } from '../plan/options.ts';
import { planRepair, plannedOf, type PlannedPlan, type RepairPlan } from '../plan/repairPlan.ts';
import type { NotOffered, Offer, OfferInstead, OfferLine, OfferPart, OfferWay } from './offerShape.ts';
import { offerWithin, type OfferedRepair, type OfferSetup } from './setup.ts';
import type { OfferTerms } from './terms.ts';

export interface OfferInput {
  readonly job: Job;
  readonly rules: HouseRules;
  readonly shelf?: readonly PatchSystem[];
  readonly products: readonly Product[];
  readonly setup: OfferSetup;
  readonly terms: OfferTerms;
  /** the name of the firm */
  readonly firm: string;
  /** instant */
  readonly at: string;
  readonly memory?: OfferMemory;
  /** told after each repair, with the share that is done; it stops where it answers false */
  readonly progress?: (done: number) => boolean;
}

export type OfferMade = { readonly ok: true; readonly offer: Offer } | { readonly ok: false; readonly why: string };

/** What an offer cannot be made without. */
export const noRateForOffer = 'An offer needs what an hour of work costs. Set it in House rules.';

const hidden = 'What is hidden and only seen once it is opened: it is measured and priced before the work goes on';
const leftOutWhy = 'left out of this offer';
const notMeasured = 'not fully measured yet; it is priced later';
const nothingFits = 'no repair of ours fits it as it stands; we say what would have to change first';

/** A repair as it was looked at for an offer. */
interface Seen {
  readonly plan: RepairPlan;
  /** the first of them is the one that is offered */
  readonly ways?: readonly ClientOption[];
  readonly why?: string;
}

/** What was looked at for an offer before, so that only what is otherwise is planned anew. It holds for one firm, shelf and job. */
export type OfferMemory = Map<string, unknown>;

/** A repair with the ways to go about it; nothing to put side by side where it cannot be offered. */
interface Looked extends Seen {
  readonly area: Area;
  readonly defect: Defect;
  readonly asked: OfferedRepair | undefined;
}

type Offered = Looked & { readonly ways: readonly [ClientOption, ...ClientOption[]] };
const mayBeOffered = (looked: Looked): looked is Offered => looked.ways !== undefined && looked.ways.length > 0;

/** What is put side by side: what was put there by hand, else what is planned, and the next way where that is wanted. */
function askedOf(planned: PlannedPlan, asked: OfferedRepair | undefined, others: boolean): readonly Asked[] {
  if (asked?.ways && asked.ways.length > 0) return asked.ways;
  const own: Asked = { scope: 'patch' };
  const next = others ? nextWay(planned) : undefined;
  return next ? [own, { scope: 'patch', system: next }] : [own];
}

function look({ job, rules, shelf, products, setup }: OfferInput, area: Area, defect: Defect, asked: OfferedRepair | undefined): Seen {
  const input = { job, area, defect, rules, ...(shelf && { shelf }) };
  const plan = planRepair(input);
  const planned = plannedOf(plan);
  const base = { plan };
  if (!planned) return { ...base, why: notMeasured };
  const open = planned.stops.find((s) => s.open);
  if (open) return { ...base, why: `it waits for a decision: ${open.title}` };
  try {
    const options = clientOptions(input, {
      products,
      asked: askedOf(planned, asked, setup.others === true),
      ...(asked?.face && { face: asked.face }),
    });
    const { options: ways = [] } = options ?? {};
    return ways.length > 0 ? { ...base, ways } : { ...base, why: nothingFits };
  } catch (error) {
    if (error instanceof NotComputable) return { ...base, why: error.message };
    throw error;
  }
}

function wayOf({ scope, system, title, byHand, visits, outlooks, cares }: ClientOption, how: Telling): OfferWay {
  const figure = (f: Figure) => show(f, how.units).text;
  return {
    scope,
    system,
    title: scope === 'patch' ? title : `${scopes[scope].title}: ${title}`,
    byHand: figure(byHand),
    ...(visits && { visits: figure(visits) }),
    leaves: outlooks.map((o) => o.leaves),
    holds: outlooks.map((o) => `${o.holds}; it rests ${o.rests}`),
    cares: cares.map((c) => tell(c, how)),
  };
}

/** What the ways that are taken come to together: labor of each, and of every product whole packs for all of them. */
interface Priced {
  readonly netMinor: number;
  readonly parts: readonly (readonly OfferPart[])[];
}

function pricedTogether(taken: readonly ClientOption[], { perHour, currency }: { perHour: number; currency: string }, units: UnitSystem): Priced {
  const parts = taken.map(({ labor, byHand }): OfferPart[] => [
    {
      label: 'Work',
      working: `${show(byHand, units).text} by hand at ${moneyText(toMinor(perHour, currency), currency)} an hour`,
      minor: toMinor(labor?.cost.value ?? 0, currency),
    },
  ]);
  const products = new Map(taken.flatMap((o) => o.needs.map((n) => [n.product.id, n] as const)));
  for (const { product, pack, needed: any } of products.values()) {
    const amounts = taken.map((o) => o.needs.find((n) => n.product.id === product.id)?.needed.value ?? 0);
    const packs = Math.max(1, wholeAbove(amounts.reduce((a, b) => a + b, 0) / pack.size));
    const each = toMinor(pack.amount, currency);
    const given = sharedOut(packs * each, amounts);
    const size = show({ value: pack.size, kind: any.kind }, units).text;
    taken.forEach((o, i) => {
      const needed = o.needs.find((n) => n.product.id === product.id)?.needed;
      if (!needed) return;
      parts[i]?.push({
        label: product.title,
        working: `${show(needed, units).text} of ${packs === 1 ? 'one pack' : `${String(packs)} packs`} of ${size} at ${moneyText(each, currency)}`,
        minor: given[i] ?? 0,
      });
    });
  }
  return { parts, netMinor: parts.flat().reduce((sum, p) => sum + p.minor, 0) };
}

/** Material of the ways that are offered for which the shelf has no price; all of it where none has one. */
function withoutMaterial(taken: readonly ClientOption[]): readonly string[] {
  const names = [...new Set(taken.flatMap((o) => o.price?.unpriced ?? []))];
  if (names.length === 0) return [];
  return [taken.some((o) => o.needs.length > 0) ? `Material: ${names.join(', ')}` : 'Material'];
}

/** What the firm would do where there is more than one way: in its words, else what is planned. */
function wouldOf({ asked, plan }: Looked, [offered, ...instead]: readonly [OfferWay, ...OfferWay[]]): string | undefined {
  if (asked?.would !== undefined && asked.would.trim() !== '') return asked.would.trim();
  if (instead.length === 0) return undefined;
  const planned = plannedOf(plan)?.planned;
  const own = (way: OfferWay) => way.scope === 'patch' && way.system === planned?.candidate.system.id;
  const rather = instead.find(own);
  if (rather && !own(offered)) return `We would rather take: ${rather.title}.`;
  const why = planned?.by === 'choice' ? planned.reason : 'it stands first by what was measured';
  return `We would do it as offered${own(offered) && why !== undefined ? `: ${why}` : ''}.`;
}

const linesOf = (text: string): readonly string[] => text.split('\n').flatMap((line) => (line.trim() === '' ? [] : [line.trim()]));

/**
 * The offer of a job: every repair that can be offered and is not left out, priced together, in whole smallest units whose
 * lines add up to their sums. Packs are counted for all of its repairs, and given out by what each needs of them.
 * @returns why there is none where the firm has no rate of labor, or where it was stopped
 */
export function makeOffer(input: OfferInput): OfferMade {
  const { job, rules, setup: asSet, terms, firm, at, memory = new Map(), progress = () => true } = input;
  const { labor } = rules;
  if (!labor) return { ok: false, why: noRateForOffer };
  const { currency } = labor;
  const how: Telling = { units: job.units, timeZone: job.timeZone, day: job.startAt };
  const setup = offerWithin(job, asSet);
  const all = job.areas.flatMap((area) => area.defects.map((defect) => ({ area, defect })));
  const looked: Looked[] = [];
  const askedBy = new Map(setup.repairs?.map((r) => [r.defect, r]));
  for (const { area, defect } of all) {
    const asked = askedBy.get(defect.id);
    const { defects: _others, ...place } = area;
    const key = JSON.stringify([place, defect, asked?.ways, asked?.face, setup.others]);
    const seen = (memory.get(key) as Seen | undefined) ?? look(input, area, defect, asked);
    memory.set(key, seen);
    looked.push({ ...seen, area, defect, asked });
    if (!progress(looked.length / all.length)) return { ok: false, why: 'It was stopped.' };
  }
  const offered = looked.flatMap((l) => (mayBeOffered(l) && l.asked?.out !== true ? [l] : []));
  const firsts = offered.map((l) => l.ways[0]);
  const material = withoutMaterial(firsts);
  const { parts, netMinor } = pricedTogether(firsts, labor, job.units);
  const named = ({ area, defect }: Looked) => ({ defect: defect.id, mark: defect.mark, title: kindOf(defect.kind).title, area: area.name });
  const changed = (at: number, way: ClientOption) => pricedTogether(firsts.with(at, way), labor, job.units).netMinor - netMinor;
  const lines = offered.map((l, i): OfferLine => {
    const [first, ...others] = l.ways;
    const own = parts[i] ?? [];
    const way = wayOf(first, how);
    const instead = others.map((o): OfferInstead => ({ ...wayOf(o, how), changeMinor: changed(i, o) }));
    const would = wouldOf(l, [way, ...instead]);
    return {
      ...named(l),
      found: tell(plannedOf(l.plan)?.surveyed.size ?? [], how),
      way,
      parts: own,
      minor: own.reduce((sum, p) => sum + p.minor, 0),
      instead,
      ...(would !== undefined && { would }),
    };
  });
  const notIn = looked
    .filter((l) => !(offered as readonly Looked[]).includes(l))
    .map((l): NotOffered => {
      if (!mayBeOffered(l)) return { ...named(l), why: l.why ?? leftOutWhy };
      const [first, ...others] = l.ways;
      const way = wayOf(first, how);
      const would = wouldOf(l, [way, ...others.map((o) => wayOf(o, how))]);
      return {
        ...named(l),
        why: leftOutWhy,
        way,
        addsMinor: pricedTogether([...firsts, first], labor, job.units).netMinor - netMinor,
        ...(would !== undefined && { would }),
      };
    });
  const extras = (setup.extras ?? []).map(({ id, title, minor }) => ({ id, title, minor }));
  const net = netMinor + extras.reduce((sum, e) => sum + e.minor, 0);
  const taxes = terms.taxes.map(({ name, percent }) => ({ name, percent, minor: percentOf(net, percent) }));
  return {
    ok: true,
    offer: {
      firm,
      letterhead: linesOf(terms.letterhead),
      ...(terms.logo !== undefined && { logo: terms.logo }),
      site: job.site,
      client: job.client,
      timeZone: job.timeZone,
      units: job.units,
      madeAt: at,
      validUntil: dateAfter(siteDateTime(at, job.timeZone).date, terms.validDays),
      currency,
      words: setup.words?.trim() ?? '',
      lines,
      extras,
      notIn,
      netMinor: net,
      taxes,
      totalMinor: net + taxes.reduce((sum, t) => sum + t.minor, 0),
      ...(material.length > 0 && { unpriced: material }),
      excluded: [hidden, ...material, ...linesOf(terms.excluded), ...linesOf(setup.excluded ?? '')],
      conditions: linesOf(terms.conditions),
    },
  };
}
