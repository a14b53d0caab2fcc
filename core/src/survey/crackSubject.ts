import { dewMargin, dewPoint } from '../climate/humidAir.ts';
import { crackVolume, meanWidth, widestWidth } from '../geometry/crackSize.ts';
import type { Figure } from '../quantity/figure.ts';
import type { QuantityKind } from '../quantity/kind.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { chasingTools } from '../shelf/chasingTools.ts';
import { areaTable } from './area.ts';
import { relevantAsks, type Fact, type LooseFacts, type Station } from './ask.ts';
import type { Area, Defect } from './job.ts';
import { slabCrackTable, type SlabCrackFacts } from './slabCrack.ts';

/** The choices of a slab crack, all answered. */
export interface CrackChoices {
  readonly member: 'slab-on-ground' | 'suspended' | 'stair' | 'other';
  readonly reinforcement: 'plain' | 'reinforced' | 'prestressed' | 'unknown';
  readonly alongBar: 'no' | 'yes';
  readonly faces: 'level' | 'stepped';
  readonly ground: 'steady' | 'rocks' | 'grows' | 'settled';
  readonly movement: 'still' | 'moving' | 'unknown';
  readonly moisture: 'dry' | 'damp' | 'running';
  readonly located: 'no' | 'clear' | 'found';
  readonly traffic: 'foot' | 'soft-tires' | 'hard-wheels';
  readonly finish: 'none' | 'thin-coating' | 'stain' | 'covering';
  readonly claim: 'no' | 'restore-strength';
  readonly place: 'inside' | 'outside' | 'outside-salt';
}

/** A crack ready to be judged: its answers, and its measures as figures. */
export interface CrackSubject {
  readonly choices: CrackChoices;
  readonly length: Figure;
  readonly stations: readonly Figure[];
  readonly widths: readonly Figure[];
  /** index of the widest station */
  readonly widestAt: number;
  readonly widest: Figure;
  readonly mean: Figure;
  readonly depth: Figure;
  readonly slab: Figure;
  /** volume as found */
  readonly volume: Figure;
  readonly airC: Figure;
  readonly slabC: Figure;
  readonly humidity: Figure;
  readonly dewPoint: Figure;
  readonly dewMargin: Figure;
  readonly step?: Figure;
  readonly movementToCome?: Figure;
  readonly cover?: Figure;
  readonly age?: Figure;
}

function factFigure(ledger: Ledger, label: string, kind: QuantityKind, fact: Fact<number>): Figure {
  if (fact.how === 'assumed') return ledger.assumed(label, kind, fact.value, 'practice', 'assumed by the person who measured');
  return ledger.given(label, kind, fact.value, fact.how, fact.at, fact.text, fact.instrument);
}

/**
 * Makes the figures of a crack whose facts `senseDefect` and `senseArea` found complete and possible.
 * @throws Error where a required fact is missing
 */
export function crackSubject(ledger: Ledger, area: Area, defect: Defect): CrackSubject {
  const loose: LooseFacts = { ...defect.facts, ...area.facts };
  const asked = new Set([...relevantAsks(slabCrackTable, defect.facts), ...areaTable.asks].map((ask) => ask.field));
  const facts = defect.facts as SlabCrackFacts;
  const measures = [...slabCrackTable.asks, ...areaTable.asks];
  const optional = (field: string): Figure | undefined => {
    const ask = measures.find((a) => a.field === field);
    const fact = loose[field] as Fact<number> | undefined;
    if (!asked.has(field) || fact === undefined || ask?.ask !== 'measure') return undefined;
    return factFigure(ledger, ask.question, ask.kind, fact);
  };
  const required = (field: string): Figure => {
    const figure = optional(field);
    if (!figure) throw new Error(`the fact '${field}' is missing`);
    return figure;
  };
  const choice = <K extends keyof CrackChoices>(field: K, otherwise?: CrackChoices[K]): CrackChoices[K] => {
    const value = asked.has(field) ? (loose[field]?.value as CrackChoices[K] | undefined) : undefined;
    const chosen = value ?? otherwise;
    if (chosen === undefined) throw new Error(`the fact '${field}' is missing`);
    return chosen;
  };
  const length = required('lengthMm');
  const measured: readonly Station[] = [...(facts.widths?.value ?? [])].sort((a, b) => a.atMm - b.atMm);
  const how = facts.widths;
  if (measured.length === 0 || how === undefined) throw new Error(`the fact 'widths' is missing`);
  const stations = measured.map((s) => factFigure(ledger, 'Place of a width', 'length', { value: s.atMm, how: how.how, at: how.at }));
  const widths = measured.map((s) =>
    factFigure(ledger, 'Width', 'crackWidth', { value: s.widthMm, how: how.how, at: how.at, ...(s.text === undefined ? {} : { text: s.text }) }),
  );
  const widest = ledger.compute(widestWidth, { widthMm: widths });
  const slab =
    optional('slabMm') ??
    ledger.assumed(
      chasingTools.slabUnknown.label,
      'depth',
      Math.max(chasingTools.slabUnknown.value, facts.depthMm?.value ?? 0),
      'practice',
      'thickness not known, taken as usual',
    );
  const depth =
    optional('depthMm') ?? ledger.assumed('Depth of the crack', 'depth', slab.value, 'judgement', 'depth not known, taken as right through the slab');
  const airC = required('airC');
  const slabC = required('slabC');
  const humidity = required('humidityPct');
  const dew = ledger.compute(dewPoint, { airC, humidityPct: humidity });
  const margin = ledger.compute(dewMargin, { slabC, dewPointC: dew });
  const step = optional('stepMm');
  const movementToCome = optional('movementMm');
  const cover = optional('coverMm');
  const age = optional('slabAgeDays');
  return {
    choices: {
      member: choice('member'),
      reinforcement: choice('reinforcement'),
      alongBar: choice('alongBar', 'no'),
      faces: choice('faces'),
      ground: choice('ground'),
      movement: choice('movement'),
      moisture: choice('moisture'),
      located: choice('located'),
      traffic: choice('traffic'),
      finish: choice('finish'),
      claim: choice('claim', 'no'),
      place: choice('place'),
    },
    length,
    stations,
    widths,
    widestAt: widths.findIndex((w) => w.value === widest.value),
    widest,
    mean: ledger.compute(meanWidth, { stationMm: stations, widthMm: widths, lengthMm: length }),
    depth,
    slab,
    volume: ledger.compute(crackVolume, { stationMm: stations, widthMm: widths, lengthMm: length, depthMm: depth }),
    airC,
    slabC,
    humidity,
    dewPoint: dew,
    dewMargin: margin,
    ...(step && { step }),
    ...(movementToCome && { movementToCome }),
    ...(cover && { cover }),
    ...(age && { age }),
  };
}
