import { Ledger } from '../quantity/ledger.ts';
import { say } from '../quantity/saying.ts';
import { areaTable, type AreaFacts } from './area.ts';
import { extentDoubts } from './extent.ts';
import { atMost } from '../quantity/round.ts';
import { relevantAsks, valueOf, type Ask, type LooseFacts, type Station } from './ask.ts';
import { factProblem } from './factProblem.ts';
import { kindOf, type DefectKind } from './kinds.ts';
import type { Doubt, Findings, Refusal } from './kind.ts';

export interface Sense extends Findings {
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

/** A slab this much off the air is worth a second reading. */
const apartDoubtK = 20;

/** Widths told of a place where the line has ended, or twice of one place. */
function stationRefusals(facts: LooseFacts, ledger: Ledger): Refusal[] {
  const length = valueOf(facts['lengthMm']) as number | undefined;
  const stations = (valueOf(facts['widths']) as readonly Station[] | undefined) ?? [];
  const beyond = stations.find((s) => length !== undefined && !atMost(s.atMm, length));
  const at = (label: string, value: number) => ledger.given(label, 'length', value, 'entered', '');
  return [
    ...(beyond && length !== undefined
      ? [
          {
            field: 'widths',
            sentence: say`A width is placed at ${at('place', beyond.atMm)}, past the end of the crack at ${at('length', length)}. It must lie on the crack.`,
          },
        ]
      : []),
    ...(new Set(stations.map((s) => s.atMm)).size < stations.length
      ? [{ field: 'widths', sentence: say`Two widths stand at the same place. Each place has one width.` }]
      : []),
  ];
}

/** What is refused, what is asked about, and what is still missing of a defect's facts. */
export function senseDefect(kind: DefectKind, facts: LooseFacts): Sense {
  const asks = relevantAsks(kindOf(kind), facts);
  const single = refusals(asks, facts);
  const missing = unanswered(asks, facts);
  if (single.length > 0) return { refused: single, doubts: [], missing };
  const { sense } = kindOf(kind);
  const answered = Object.fromEntries(asks.map((ask) => [ask.field, facts[ask.field]]));
  const ledger = new Ledger();
  const own = sense?.(answered, ledger) ?? { refused: [], doubts: [] };
  return { refused: [...own.refused, ...stationRefusals(answered, ledger)], doubts: [...own.doubts, ...extentDoubts(answered, ledger)], missing };
}

// all defects of an area share its facts: they are sensed once
const sensed = new WeakMap<AreaFacts, Sense>();

/** The same for an area's facts. */
export function senseArea(facts: AreaFacts): Sense {
  const known = sensed.get(facts);
  if (known) return known;
  const sense = sensedArea(facts);
  sensed.set(facts, sense);
  return sense;
}

function sensedArea(facts: AreaFacts): Sense {
  const refused = refusals(areaTable.asks, facts);
  const missing = unanswered(areaTable.asks, facts);
  const air = valueOf(facts.airC);
  const slab = valueOf(facts.slabC);
  const doubts: Doubt[] = [];
  if (refused.length === 0 && air !== undefined && slab !== undefined && Math.abs(air - slab) > apartDoubtK) {
    const ledger = new Ledger();
    const t = (label: string, value: number) => ledger.given(label, 'temperature', value, 'entered', '');
    doubts.push({
      id: 'slab-off-air',
      field: 'slabC',
      sentence: say`The surface at ${t('slab', slab)} and the air at ${t('air', air)} stand far apart: was the surface itself probed?`,
    });
  }
  return { refused, doubts, missing };
}
