import type { Sourced } from '../quantity/ledger.ts';
import type { SourceId } from '../sources/register.ts';

export type Grade = 'fits' | 'care' | 'out';

/** What a system makes of one answer: a grade below 'fits', with the reason and its source. */
export interface Remark {
  readonly grade: 'care' | 'out';
  /** a clause that completes 'Ruled out: …' */
  readonly why: string;
  readonly source: SourceId;
  /** what would have to change */
  readonly change?: string;
}

type Remarks<V extends string> = Partial<Record<V, Remark>>;

export interface Range {
  readonly min?: Sourced;
  readonly max?: Sourced;
}

/** How the waits of a system follow the temperature. */
export type CureModel = { readonly by: 'arrhenius'; readonly activation: Sourced } | { readonly by: 'equivalent-age'; readonly activation: Sourced };

export type Preparation = 'chase' | 'as-found' | 'rout';

/**
 * A patch system of the shelf: data, each figure with its source. Limits are tested on the size as
 * prepared. A contractor's own product has the same shape.
 */
export interface PatchSystem {
  readonly id: string;
  readonly title: string;
  readonly family: 'cementitious' | 'epoxy' | 'polymer';
  readonly chemistry: string;
  readonly preparation: Preparation;
  /** limits on the prepared size */
  readonly width: Range;
  readonly depth: Range;
  /** why a size outside the limits does not do, as a clause */
  readonly sizeWhy: { readonly narrow?: string; readonly wide?: string; readonly thin?: string; readonly deep?: string };
  readonly slabC: Range;
  /** margin above the dew point; absent where the system does not ask for one */
  readonly dewMargin?: Sourced;
  readonly leastAge?: Sourced;
  readonly moisture: Remarks<'dry' | 'damp' | 'running'>;
  readonly movement: Remarks<'still' | 'moving' | 'unknown'>;
  readonly traffic: Remarks<'foot' | 'soft-tires' | 'hard-wheels'>;
  readonly finish: Remarks<'none' | 'thin-coating' | 'stain' | 'covering'>;
  readonly member: Remarks<'slab-on-ground' | 'suspended' | 'stair' | 'other'>;
  readonly place: Remarks<'inside' | 'outside' | 'outside-salt'>;
  readonly claim: Remarks<'restore-strength'>;
  readonly cure: CureModel;
  /** time to use at the reference temperature, by what goes over it */
  readonly ready: { readonly foot: Sourced; readonly 'soft-tires': Sourced; readonly 'hard-wheels': Sourced };
  readonly visits: Sourced;
  /** thin resins that must run down the crack by themselves */
  readonly penetration?: { readonly viscosity: Sourced; readonly potLife: Sourced; readonly tension: Sourced; readonly contact: Sourced; readonly density: Sourced; readonly leastReach: Sourced };
  /** sealants: movement taken and bead depths */
  readonly sealant?: { readonly capability: Sourced; readonly leastWidth: Sourced; readonly leastDepth: Sourced; readonly mostDepth: Sourced };
  /** resins worked against their gel time, with sand */
  readonly working?: ResinWorking;
}

/** What a sand-filled resin needs to be placed. */
export interface ResinWorking {
  readonly gel: Sourced;
  readonly film: Sourced;
  readonly wettingShare: Sourced;
  readonly surplus: Sourced;
  readonly thickestLift: Sourced;
  readonly leastLifts: Sourced;
  readonly proud: Sourced;
  readonly cartridge: Sourced;
  readonly mixer: Sourced;
  readonly reserve: Sourced;
  readonly gelsToGrind: Sourced;
  readonly hard: Sourced;
  readonly recoatFrom: Sourced;
  readonly recoatUntil: Sourced;
  readonly dryMoisture: Sourced;
}
