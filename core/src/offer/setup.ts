import type { Job } from '../survey/job.ts';
import type { Asked, Face } from '../plan/options.ts';

/** How one repair stands in the offer of its job. */
export interface OfferedRepair {
  readonly defect: string;
  /** left out: it is said, and not priced */
  readonly out?: boolean;
  /** the ways put side by side; the first is the one that is offered */
  readonly ways?: readonly Asked[];
  /** the whole face, where one of the ways goes over it */
  readonly face?: Face;
  /** what the firm would do, in its own words */
  readonly would?: string;
}

/** A line of an offer that is no repair: scaffold, travel, a discount. */
export interface ExtraLine {
  readonly id: string;
  readonly title: string;
  /** in the smallest unit of the currency; below zero for what is taken off */
  readonly minor: number;
}

/** What the offer of a job is made by besides its repairs; what is not there is as usual. */
export interface OfferSetup {
  readonly repairs?: readonly OfferedRepair[];
  readonly extras?: readonly ExtraLine[];
  /** beside each repair the next way to go about it, where none was put there by hand */
  readonly others?: boolean;
  /** words to the client above the lines */
  readonly words?: string;
  /** what this offer does not include, a line each, besides what no offer of the firm does */
  readonly excluded?: string;
}

type Within = Pick<Job, 'areas'>;
const defectsOf = (job: Within): ReadonlySet<string> => new Set(job.areas.flatMap((a) => a.defects.map((d) => d.id)));

/** The setup without repairs that are gone from the job. */
export function offerWithin(job: Within, { repairs = [], ...rest }: OfferSetup): OfferSetup {
  const there = defectsOf(job);
  const kept = repairs.filter((r) => there.has(r.defect));
  return { ...rest, ...(kept.length > 0 && { repairs: kept }) };
}

/** The setup with other ids of repairs. */
export function offerRenamed({ repairs, ...rest }: OfferSetup, idOf: ReadonlyMap<string, string>): OfferSetup {
  return { ...rest, ...(repairs && { repairs: repairs.map((r) => ({ ...r, defect: idOf.get(r.defect) ?? r.defect })) }) };
}

/** Repairs in it that are not in the job, with where they stand. */
export function offerProblems(job: Within, { repairs = [] }: OfferSetup): readonly { readonly path: string; readonly message: string }[] {
  const there = defectsOf(job);
  return repairs.flatMap((r, i) =>
    there.has(r.defect) ? [] : [{ path: `offer/repairs/${String(i)}/defect`, message: `There is no defect '${r.defect}' in this job.` }],
  );
}

/** The setup with one repair standing otherwise; one about which nothing is said any more is not in it. */
export function withRepair(
  setup: OfferSetup,
  defect: string,
  change: { readonly [K in keyof Omit<OfferedRepair, 'defect'>]?: OfferedRepair[K] | undefined },
): OfferSetup {
  const { repairs = [], ...rest } = setup;
  const before = repairs.find((r) => r.defect === defect) ?? { defect };
  const after = Object.fromEntries(
    Object.entries({ ...before, ...change }).filter(([, value]) => value !== undefined && value !== false),
  ) as unknown as OfferedRepair;
  const others = repairs.filter((r) => r.defect !== defect);
  const all = Object.keys(after).length > 1 ? [...others, after] : others;
  return { ...rest, ...(all.length > 0 && { repairs: all }) };
}
