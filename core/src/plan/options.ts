import { reachOf, type Outline } from '../geometry/outline.ts';
import type { Candidate } from '../match/candidates.ts';
import type { Figure } from '../quantity/figure.ts';
import { NotComputable } from '../quantity/formula.ts';
import type { Figures } from '../quantity/ledger.ts';
import type { Quantity } from '../quantity/quantity.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { outlookOf, type Outlook } from '../shelf/outlook.ts';
import type { Product } from '../shelf/product.ts';
import { kindOf } from '../survey/kinds.ts';
import type { LooseFacts } from '../survey/ask.ts';
import { packNeeds, priceOf, type PackNeed, type Price } from './price.ts';
import { plannedOf, planRepair, type PlannedPlan, type PlanInput } from './repairPlan.ts';
import { sheetOf, type Sheet } from './sheet.ts';

/** How far the work goes. */
export type Scope = 'patch' | 'margin' | 'whole' | 'replace';

/** What each scope is called, and what it means to the client. */
export const scopes: Readonly<Record<Scope, { readonly title: string; readonly means: string }>> = {
  patch: { title: 'Patch', means: 'only what was found' },
  margin: { title: 'Patch with margin', means: 'what was found, and a hand’s breadth more on every side' },
  whole: { title: 'Whole face', means: 'the whole face, from corner to corner' },
  replace: { title: 'Replace', means: 'the piece is taken out and a new one put in' },
};

/** margin on every side, in mm */
const marginMm = 150;

/** One way to go about it, as it is put before the client. */
export interface ClientOption {
  readonly id: string;
  readonly scope: Scope;
  readonly system: string;
  readonly title: string;
  /** by hand, and from start to finish */
  readonly byHand: Figure;
  readonly elapsed: Figure;
  readonly visits?: Figure;
  readonly quantities: readonly Quantity[];
  readonly cares: readonly Saying[];
  readonly outlooks: readonly Outlook[];
  /** labor and, where the firm has a product with a price, material */
  readonly price?: Price;
  /** what it needs of products that have a price, for those who price several repairs together */
  readonly needs: readonly PackNeed[];
  readonly labor?: { readonly cost: Figure; readonly currency: string };
  readonly sheet: Sheet;
  /** the workings of its figures */
  readonly figures: Figures;
}

/** Options side by side; what cannot be one is said. */
export interface ClientOptions {
  readonly mark: string;
  readonly title: string;
  readonly place: string;
  readonly options: readonly ClientOption[];
  readonly notes: readonly Saying[];
  readonly advice: string;
}

/** What is put side by side: which scope with which system. */
export interface Asked {
  readonly scope: Scope;
  readonly system?: string;
}

/** The whole face, where its size is known. */
export interface Face {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The facts as they would be at another scope; nothing where they do not tell it. */
function scoped(facts: LooseFacts, scope: Scope, face: Face | undefined): LooseFacts | undefined {
  if (scope === 'patch') return facts;
  const size = scope === 'margin' ? undefined : face;
  if (scope !== 'margin' && !size) return undefined;
  const outline = facts['outline'];
  if (outline) {
    const { wide, high } = reachOf(outline.value as Outline);
    const shape = { is: 'rectangle', widthMm: size?.widthMm ?? wide + 2 * marginMm, heightMm: size?.heightMm ?? high + 2 * marginMm };
    return { ...facts, outline: { ...outline, value: { shape } } };
  }
  const length = facts['lengthMm'];
  if (length && scope === 'margin') return { ...facts, lengthMm: { ...length, value: (length.value as number) + 2 * marginMm } };
  return undefined;
}

/** The price of what is planned, and what it is made of. */
function priced(plan: PlannedPlan, products: readonly Product[]): Pick<ClientOption, 'price' | 'needs' | 'labor'> {
  const work = plan.work();
  if (!work?.labor) return { needs: [] };
  const { ledger } = plan;
  const price = priceOf(ledger, work, products);
  return { ...(price && { price }), needs: packNeeds(ledger, work, products, work.labor.currency), labor: work.labor };
}

/** Whether two systems are the same answer twice: compounds that part by how fast they set, plaster of one kind. */
function sameFamily(a: Candidate, b: Candidate): boolean {
  const stem = ({ system }: Candidate) => (system.basedOn ?? system.id).replace(/-\d+$/, '');
  return stem(a) === stem(b);
}

/** What is put side by side, with the system that is taken where it still does at that scope. */
interface Preferred extends Asked {
  readonly prefer?: string;
}

/** The system that is another answer than the one planned, best first; nothing where there is none. */
export function nextWay(plan: PlannedPlan): string | undefined {
  const { candidates } = plan;
  const planned = plan.work()?.candidate;
  if (!planned) return undefined;
  const other =
    candidates.find((c) => c.grade !== 'out' && !sameFamily(c, planned)) ?? candidates.find((c) => c.grade !== 'out' && c.system.id !== planned.system.id);
  return other?.system.id;
}

/** What is put side by side where nobody chose: what is planned, another answer, and a larger scope. */
function usual(plan: PlannedPlan, face: Face | undefined): readonly Preferred[] {
  const planned = plan.work()?.candidate;
  if (!planned) return [];
  const other = nextWay(plan);
  const larger = (['whole', 'margin'] as const).find((scope) => scoped(plan.defect.facts, scope, face) !== undefined);
  return [
    { scope: 'patch', system: planned.system.id },
    ...(other === undefined ? [] : [{ scope: 'patch' as const, system: other }]),
    ...(larger ? [{ scope: larger, prefer: planned.system.id }] : []),
  ];
}

function option(input: PlanInput, asked: Preferred, face: Face | undefined, products: readonly Product[]): ClientOption | Saying {
  const { title, means } = scopes[asked.scope];
  if (asked.scope === 'replace' && !face) return say`${title}: ${means}. It is no repair: time and price are asked of whoever replaces it.`;
  const facts = scoped(input.defect.facts, asked.scope, face);
  if (!facts)
    return face || asked.scope === 'margin'
      ? say`${title}: this kind of defect has no size that could be made larger.`
      : say`${title}: give the size of the whole face.`;
  const { choice: own, ...defect } = input.defect;
  const planBy = (system: string | undefined) =>
    plannedOf(
      planRepair({
        ...input,
        defect: {
          ...defect,
          facts,
          ...(system === undefined
            ? asked.scope === 'patch' && own && { choice: own }
            : { choice: { system, ...(own?.system === system && own.reason !== undefined && { reason: own.reason }) } }),
        },
      }),
    );
  const preferred = asked.prefer === undefined ? undefined : planBy(asked.prefer);
  const does = preferred && asked.prefer !== undefined && candidateOf(preferred, asked.prefer)?.grade !== 'out';
  const plan = does ? preferred : planBy(asked.system);
  if (!plan) return say`${title}: something is still to be answered.`;
  const sheet = sheetOf(plan, input.job);
  const { work } = sheet;
  if (!work)
    return say`${title}, ${asked.system === undefined ? 'as planned' : (candidateOf(plan, asked.system)?.system.title ?? asked.system)}: ${sheet.nothing ?? ''}`;
  const candidate = candidateOf(plan, work.system);
  const members = candidate?.chain ?? (candidate ? [candidate.system] : []);
  return {
    id: `${asked.scope} ${work.system}`,
    scope: asked.scope,
    system: work.system,
    title: `${work.title}, ${work.named}`,
    byHand: work.schedule.handsOn,
    elapsed: work.schedule.total,
    ...(candidate?.visits && { visits: candidate.visits }),
    quantities: work.quantities.filter((q) => q.id !== 'labor').slice(0, 6),
    cares: work.cares.map((c) => say`${c.title}: ${c.why}`),
    outlooks: members.flatMap((m) => outlookOf(m) ?? []),
    ...priced(plan, products),
    sheet,
    figures: plan.ledger,
  };
}

const candidateOf = (plan: PlannedPlan, id: string) => plan.candidates.find((c) => c.system.id === id);

/**
 * Two or three ways to go about a repair side by side, as they are put before the client: by system and by scope.
 * @param asked what is put side by side; absent: what is planned, another answer, and a larger scope
 */
export function clientOptions(
  input: PlanInput,
  { asked, face, products = [] }: { readonly asked?: readonly Asked[]; readonly face?: Face; readonly products?: readonly Product[] } = {},
): ClientOptions | undefined {
  const plan = plannedOf(planRepair(input));
  if (!plan) return undefined;
  const made = (asked ?? usual(plan, face)).map((one: Preferred) => {
    try {
      return option(input, one, face, products);
    } catch (error) {
      if (error instanceof NotComputable) return say`${scopes[one.scope].title}: ${error.message}`;
      throw error;
    }
  });
  const options = made.filter((m): m is ClientOption => !Array.isArray(m)).filter((o, i, all) => all.findIndex((other) => other.id === o.id) === i);
  return {
    mark: input.defect.mark,
    title: kindOf(input.defect.kind).title,
    place: `${input.area.name}, ${input.job.site}`,
    options,
    notes: [
      ...made.filter((m): m is Saying => Array.isArray(m)),
      ...(plan.held ? [say`A stop is open: nothing is put before the client until it is decided.`] : []),
    ],
    advice: `${plan.advice} What is hidden is not in it; taxes and travel neither.`,
  };
}

/** What is put side by side and the face, as they stand in an address: `patch:board-plug,whole:board-patch` and `2400x1800`. */
export function askedText(asked: readonly Asked[]): string {
  return asked.map(({ scope, system }) => (system === undefined ? scope : `${scope}:${system}`)).join(',');
}

/** What stands where a price would, while the firm has set no rate. */
export const noPrice = 'no rate for labor in House rules yet';

/** Reads what stands in an address. @returns nothing where it is no list of scopes, each with a system or without */
export function readAsked(text: string): readonly Asked[] | undefined {
  const parts = text
    .split(',')
    .slice(0, 4)
    .map((part): Asked | undefined => {
      const [scope = '', ...rest] = part.split(':');
      const system = rest.join(':');
      return Object.hasOwn(scopes, scope) ? { scope: scope as Scope, ...(system !== '' && { system }) } : undefined;
    });
  return parts.every((p): p is Asked => p !== undefined) ? parts : undefined;
}

/** Reads the size of a face, in mm. @returns nothing where it is none */
export function readFace(text: string): Face | undefined {
  const [, wide, high] = /^(\d{2,6}(?:\.\d+)?)x(\d{2,6}(?:\.\d+)?)$/.exec(text) ?? [];
  return wide === undefined || high === undefined ? undefined : { widthMm: Number(wide), heightMm: Number(high) };
}
