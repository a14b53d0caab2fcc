import { widestWidth } from '../geometry/crackSize.ts';
import { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { areaTable, type AreaFacts } from './area.ts';
import { relevantAsks, valueOf, type Ask, type LooseFacts } from './ask.ts';
import { factProblem } from './factProblem.ts';
import { defectKinds, type DefectKind } from './kinds.ts';
import type { SlabCrackFacts } from './slabCrack.ts';

/** Something refused, with the field it stands at. */
export interface Refusal {
  readonly field: string;
  readonly sentence: Saying;
}

/** Something doubtful that a person should look at again; confirmed by its id. */
export interface Doubt {
  readonly id: string;
  readonly field: string;
  readonly sentence: Saying;
}

export interface Sense {
  readonly refused: readonly Refusal[];
  readonly doubts: readonly Doubt[];
  /** relevant questions that must be answered before a plan can be made */
  readonly missing: readonly Ask[];
}

function refusals(asks: readonly Ask[], facts: LooseFacts): Refusal[] {
  return asks.flatMap((ask) => {
    const fact = facts[ask.field];
    const sentence = fact === undefined ? undefined : factProblem(ask, fact);
    return sentence ? [{ field: ask.field, sentence }] : [];
  });
}

const unanswered = (asks: readonly Ask[], facts: LooseFacts) => asks.filter((ask) => ask.required && facts[ask.field] === undefined);

/** A crack this wide is no crack; a bigger spread than this between neighbors is two cracks; a slab this much off the air is worth a second reading. */
const spreadDoubt = 4;
const apartDoubtK = 20;

function slabCrackSense(facts: SlabCrackFacts): { refused: Refusal[]; doubts: Doubt[] } {
  const refused: Refusal[] = [];
  const doubts: Doubt[] = [];
  const ledger = new Ledger();
  const length = valueOf(facts.lengthMm);
  const widths = valueOf(facts.widths) ?? [];
  const depth = valueOf(facts.depthMm);
  const slab = valueOf(facts.slabMm);
  const given = (label: string, kind: 'length' | 'depth' | 'crackWidth', value: number) => ledger.given(label, kind, value, 'entered', '');
  if (depth !== undefined && slab !== undefined && !atMost(depth, slab)) {
    refused.push({ field: 'depthMm', sentence: say`The crack cannot be deeper than the slab: ${given('depth', 'depth', depth)} in a slab of ${given('slab', 'depth', slab)}. A crack right through has the depth of the slab.` });
  }
  if (length !== undefined) {
    const beyond = widths.find((s) => !atMost(s.atMm, length));
    if (beyond) {
      refused.push({ field: 'widths', sentence: say`A width is placed at ${given('place', 'length', beyond.atMm)}, past the end of the crack at ${given('length', 'length', length)}. It must lie on the crack.` });
    }
  }
  const places = new Set(widths.map((s) => s.atMm));
  if (places.size < widths.length) refused.push({ field: 'widths', sentence: say`Two widths stand at the same place. Each place has one width.` });
  if (widths.length > 0) {
    const stations = widths.map((s) => given('width', 'crackWidth', s.widthMm));
    const widest = ledger.compute(widestWidth, { widthMm: stations });
    const least = Math.min(...widths.map((s) => s.widthMm));
    if (depth !== undefined && widest.value > depth) {
      doubts.push({ id: 'wider-than-deep', field: 'depthMm', sentence: say`${widest} wide and only ${given('depth', 'depth', depth)} deep: is it a spall rather than a crack?` });
    }
    if (widest.value > least * spreadDoubt && widths.length > 1) {
      doubts.push({ id: 'uneven-width', field: 'widths', sentence: say`The widest place, ${widest}, is far wider than the narrowest. The groove is cut for the widest all along: would two cracks, each with its own width, be right?` });
    }
    if (length !== undefined && widest.value > length) {
      doubts.push({ id: 'wider-than-long', field: 'lengthMm', sentence: say`It is wider than it is long: is it a hole?` });
    }
  }
  return { refused, doubts };
}

/** What is refused, what is asked about, and what is still missing of a defect's facts. */
export function senseDefect(kind: DefectKind, facts: LooseFacts): Sense {
  const asks = relevantAsks(defectKinds[kind], facts);
  const single = refusals(asks, facts);
  const missing = unanswered(asks, facts);
  if (single.length > 0) return { refused: single, doubts: [], missing };
  switch (kind) {
    case 'slab-crack':
      return { ...slabCrackSense(facts), missing };
  }
}

/** The same for an area's facts. */
export function senseArea(facts: AreaFacts): Sense {
  const refused = refusals(areaTable.asks, facts);
  const missing = unanswered(areaTable.asks, facts);
  const air = valueOf(facts.airC);
  const slab = valueOf(facts.slabC);
  const doubts: Doubt[] = [];
  if (refused.length === 0 && air !== undefined && slab !== undefined && Math.abs(air - slab) > apartDoubtK) {
    const ledger = new Ledger();
    const t = (label: string, value: number) => ledger.given(label, 'temperature', value, 'entered', '');
    doubts.push({ id: 'slab-off-air', field: 'slabC', sentence: say`The slab at ${t('slab', slab)} and the air at ${t('air', air)} stand far apart: was the slab itself probed?` });
  }
  return { refused, doubts, missing };
}
