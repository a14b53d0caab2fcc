import type { SafeLiftTable } from '../cure/safeLift.ts';
import type { Sourced } from '../quantity/ledger.ts';
import type { SourceId } from '../sources/register.ts';
import type { Outcome } from './outcomes.ts';
import type { MaterialHazard } from './materialHazard.ts';

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

/** A matter in which an answer may count against a system. */
export type Aspect =
  | 'position'
  | 'place'
  | 'moisture'
  | 'movement'
  | 'traffic'
  | 'finish'
  | 'member'
  | 'claim'
  | 'wetUse'
  | 'loaded'
  | 'water'
  | 'rated'
  | 'softened'
  | 'fastener'
  | 'loose'
  | 'binder'
  | 'base'
  | 'lath'
  | 'body'
  | 'shell'
  | 'part'
  | 'oil'
  | 'joint'
  | 'bar'
  | 'occupied'
  | 'fault'
  | 'look'
  | 'end';

/** What a system makes of the answers, by matter; nothing against those it does not name. */
export type Remarks = Readonly<Partial<Record<Aspect, Readonly<Record<string, Remark>>>>>;

export interface Range {
  readonly min?: Sourced;
  readonly max?: Sourced;
  /** below the least it still does, with care */
  readonly below?: 'care';
}

/** How the waits of a system follow the temperature. */
export type CureModel =
  // what dries, or is held by screws: its usual time, which a check decides and no reaction law scales
  { readonly by: 'as-stated' } | { readonly by: 'arrhenius'; readonly activation: Sourced } | { readonly by: 'equivalent-age'; readonly activation: Sourced };

/**
 * What a system does beyond the common part of its family, declared by it: its method and its tests ask for this, never
 * for whether a figure happens to stand in the record.
 */
export type Way =
  /** new lath before its coats */
  | 'new-lath'
  /** its coats harden by the air, days apart */
  | 'lime-coats'
  /** its finish goes on while the base is damp */
  | 'damp-finish'
  /** a compound that sets by itself, mixed for each go */
  | 'sets'
  /** loose tape is cut out and renewed */
  | 'retapes'
  /** the fasteners of a corner are taken out so that it floats */
  | 'floats-corner'
  /** its joints are feathered as wide as the side taken of that question says */
  | 'feathers-joints'
  /** injected through packers in drilled holes */
  | 'drilled'
  /** foams with water in the crack */
  | 'foams'
  /** soft wood is soaked and stays */
  | 'hardens-soft'
  /** catalyzed and thinned to be sprayed */
  | 'sprayed';

export type Preparation = 'chase' | 'as-found' | 'rout' | 'square-cut';

/**
 * A patch system of the shelf: data, each figure with its source. Limits are tested on the size as
 * prepared. A contractor's own product has the same shape.
 */
export interface PatchSystem {
  readonly id: string;
  readonly title: string;
  /** a product of the firm: the generic system that it was copied from */
  readonly basedOn?: string;
  readonly family: 'cementitious' | 'epoxy' | 'gypsum' | 'polymer' | 'wood' | 'tub';
  readonly chemistry: string;
  /** what it is for, as the end of 'it …' */
  readonly work: string;
  /** kinds of defect that it is an answer to */
  readonly suits: readonly string[];
  /** what is said of it where it stands alone on these kinds: in a combination it does more */
  readonly alone?: { readonly kinds: readonly string[]; readonly remark: Remark };
  readonly preparation: Preparation;
  /** what of what is asked its steps come to: a test holds it against them */
  readonly gives: readonly Outcome[];
  /** what its own work leaves to be closed, whoever asked */
  readonly opens?: readonly Outcome[];
  /** what of its family it does */
  readonly does?: readonly Way[];
  /** beside what its family brings */
  readonly hazards?: readonly MaterialHazard[];
  /** least depth of the square edge that a patch is cut to */
  readonly edge?: Sourced;
  /** limits on the prepared size */
  readonly width: Range;
  readonly depth: Range;
  /** thickness of a patch in all, in lifts; where absent `depth` holds for a patch too */
  readonly total?: Range;
  /** thickest lift by position, and how many there may be */
  readonly lift?: {
    readonly floor?: Sourced;
    readonly wall?: Sourced;
    readonly overhead?: Sourced;
    readonly edge?: Sourced;
    readonly most?: Sourced;
    /** air above which they are half as thick */ readonly halvedAbove?: Sourced;
  };
  /** plaster: thickest in all, overhead on smooth concrete */
  readonly overConcrete?: Sourced;
  /** thickest lift by its own heat, over the temperature: computed from a product's kinetics */
  readonly safeLift?: SafeLiftTable;
  /** how it closes a hole with nothing behind it: by a backing of its own, or by itself up to a size; absent where it only fills against something */
  readonly overHole?: { readonly by: 'backing' } | { readonly by: 'itself'; readonly max: Sourced };
  /** longest side of what it closes */
  readonly extent?: Range;
  /** moisture of the timber by meter */
  readonly woodMoisture?: Range;
  /** how high a hump may stand that it hides */
  readonly hides?: Range;
  /** how far a shell may give underfoot */
  readonly flex?: Range;
  /** thickness of the wall that it reaches through, or is worth drilling for */
  readonly wall?: Range;
  /** why a size outside the limits does not do, as a clause */
  readonly sizeWhy: {
    readonly narrow?: string;
    readonly wide?: string;
    readonly thin?: string;
    readonly deep?: string;
    readonly small?: string;
    readonly large?: string;
    readonly high?: string;
  };
  readonly slabC: Range;
  /** margin above the dew point; absent where the system does not ask for one */
  readonly dewMargin?: Sourced;
  readonly leastAge?: Sourced;
  readonly remarks: Remarks;
  readonly cure: CureModel;
  /** time to use at the reference temperature, by what goes over it */
  readonly ready: { readonly foot: Sourced; readonly 'soft-tires': Sourced; readonly 'hard-wheels': Sourced } | { readonly use: Sourced };
  /** the open joint that it fills */
  readonly gap?: Range;
  readonly visits: Sourced;
  /** thin resins that must run down the crack by themselves */
  readonly penetration?: {
    readonly viscosity: Sourced;
    readonly potLife: Sourced;
    readonly tension: Sourced;
    readonly contact: Sourced;
    readonly density: Sourced;
    readonly leastReach: Sourced;
  };
  /** sealants: movement taken and bead depths */
  readonly sealant?: { readonly capability: Sourced; readonly leastWidth: Sourced; readonly leastDepth: Sourced; readonly mostDepth: Sourced };
  /** resins worked against their gel time, with sand */
  readonly working?: ResinWorking;
  /** mortars placed in lifts in a place cut square */
  readonly mortar?: MortarWorking;
  /** what its method reads besides, by name */
  readonly figures?: Readonly<Record<string, Sourced>>;
}

/** What a mortar needs to be mixed and placed in a place cut square. */
export interface MortarWorking {
  /** volume that a gram of powder yields when mixed, in mL */
  readonly yieldMlG: Sourced;
  readonly liquidShare: Sourced;
  readonly potLife: Sourced;
  readonly scrub: Sourced;
  readonly scrubOpen: Sourced;
  readonly soak: Sourced;
  readonly nextFrom: Sourced;
  readonly nextUntil: Sourced;
  readonly dampDays: Sourced;
  readonly loss: Sourced;
  readonly reserve: Sourced;
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

/** Time to use of a system at the reference temperature, by what goes over it where anything does. */
export function readyFor({ ready }: PatchSystem, traffic: string | undefined): Sourced {
  if ('use' in ready) return ready.use;
  return traffic === 'soft-tires' || traffic === 'hard-wheels' ? ready[traffic] : ready.foot;
}
