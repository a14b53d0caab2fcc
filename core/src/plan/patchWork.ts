import { constantClimate } from '../climate/series.ts';
import type { Candidate } from '../match/candidates.ts';
import type { Subject } from '../match/subject.ts';
import { squarePatch, type SquarePatch } from '../method/patch/squarePatch.ts';
import { cutAreas, cutAround, cutOutVolume, squaredVolume, toBreakOut } from '../mixing/mortarBatch.ts';
import { laborCost } from '../mixing/workPace.ts';
import type { Figure } from '../quantity/figure.ts';
import { NotComputable } from '../quantity/formula.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atLeast } from '../quantity/round.ts';
import type { Caution } from '../safety/silica.ts';
import { schedule, type Schedule } from '../schedule/schedule.ts';
import { rustedBar } from '../schools/rustedBar.ts';
import { auxiliaries } from '../shelf/auxiliaries/auxiliaries.ts';
import { chains } from '../shelf/chains.ts';
import { ratesOf } from '../shelf/rates.ts';
import type { Job, HouseRules } from '../survey/job.ts';
import type { Surveyed } from '../survey/kind.ts';
import { patchSection } from './patchSection.ts';
import type { Quantity } from './quantity.ts';

import type { Section } from './section.ts';

/** The method of a mortar in a place cut square, with its quantities, clock times and drawing. */
export interface PatchWork {
  readonly candidate: Candidate;
  readonly by: 'choice' | 'proposal';
  readonly reason?: string;
  readonly method: SquarePatch;
  readonly schedule: Schedule;
  readonly quantities: readonly Quantity[];
  readonly cautions: readonly Caution[];
  readonly section: Section;
}

/** Kinds whose method is a place cut square. */
const squareKinds: readonly string[] = ['concrete-spall', 'bar-spall'];

/** Whether there is a method for a candidate on a kind: the last of it is a mortar for places cut square. */
export function hasPatchMethod(kind: string, { system, chain }: Candidate): boolean {
  return squareKinds.includes(kind) && system.mortar !== undefined && (chain === undefined || chain.length === 1);
}

export interface PatchMatter {
  readonly ledger: Ledger;
  readonly subject: Subject;
  readonly surveyed: Surveyed;
  readonly job: Omit<Job, 'areas'>;
  readonly rules: HouseRules | undefined;
  readonly humidity: Figure;
  readonly bar?: Figure;
}

/**
 * The work of a candidate on a place that is cut square.
 * @returns nothing where something that it rests on is not measured, or it is colder than the mortar bears
 */
export function patchWork({ ledger, subject, surveyed, job, rules, humidity, bar }: PatchMatter, candidate: Candidate, by: PatchWork['by'], reason: string | undefined, cautions: readonly Caution[]): PatchWork | undefined {
  const { system, size } = candidate;
  const measured = (id: string) => surveyed.measured.find((m) => m.id === id)?.figure;
  const [outline, found, behind] = ['area', 'void', 'behind'].map(measured);
  const cuts = surveyed.measured.filter((m) => m.id === 'cut' || /^cut-\d+$/.test(m.id)).map((m) => m.figure);
  const boxes = surveyed.seen?.cutOuts ?? [];
  const depth = size?.depth;
  if (!hasPatchMethod(subject.kind, candidate) || !system.edge || !depth || cuts.length === 0 || boxes.length === 0) return undefined;
  if (system.slabC.min && !atLeast(subject.slabC.value, system.slabC.min.value)) return undefined;
  const edge = ledger.sourced(system.edge);
  try {
    const [only, ...more] = cuts;
    const area = only && more.length === 0 ? only : ledger.compute(cutAreas, { areaMm2: cuts });
    const volume = behind ? ledger.compute(cutOutVolume, { cutMm2: area, depthMm: depth }) : outline && found ? ledger.compute(squaredVolume, { foundMl: found, outlineMm2: outline, cutMm2: area, edgeMm: edge }) : undefined;
    if (!volume) return undefined;
    const sides = boxes.flatMap((box) => {
      const [xs, ys] = [box.map(([x]) => x), box.map(([, y]) => y)];
      return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)].map((v) => ledger.assumed('Side of the cut', 'length', v, 'geometry', 'as drawn round what was found'));
    });
    const around = ledger.compute(cutAround, { sideMm: sides });
    const primer = auxiliaries.find((a) => chains.find((c) => c.id === system.id)?.before?.includes(a.id));
    const bars = behind ? ledger.sourced(rustedBar.sides[0].sets.behind) : undefined;
    const position = subject.answers.position?.value as 'floor' | 'wall' | 'overhead' | 'edge' | undefined;
    const traffic = subject.answers.traffic;
    const method = squarePatch({
      ledger, system, rates: ratesOf(rules?.rates), people: job.people, slabC: subject.slabC, position: position ?? 'floor',
      cut: { area, around, depth, volume, broken: found ? ledger.compute(toBreakOut, { volumeMl: volume, foundMl: found }) : volume }, ...(bars && { bars }), ...(primer && bars && { primer }),
      use: { words: traffic?.label ?? 'use', traffic: traffic?.value },
    });
    const timed = schedule(ledger, method, constantClimate(subject.airC.value, subject.slabC.value, humidity.value), job.startAt);
    const row = (id: string, label: string, figure: Figure): Quantity => ({ id, label, figure });
    const labor = rules?.labor;
    const widest = sides.reduce((most, s) => (s.value > most.value ? s : most), sides[0] ?? around);
    return {
      candidate, by, ...(reason !== undefined && { reason }), method, schedule: timed, cautions,
      quantities: [
        row('cut', 'Inside the cut', area), row('around', 'Sawn', around), row('volume', 'To fill', volume), row('mix', 'Mortar to mix', method.mix.volume), row('powder', 'Powder', method.mix.powder), row('liquid', 'Liquid', method.mix.liquid), row('batches', 'Batches', method.mix.batches), row('lifts', 'Lifts', method.lifts.count),
        ...(labor ? [row('labor', `Labor, ${labor.currency}`, ledger.compute(laborCost, { handsOnMin: timed.handsOn, perHour: ledger.given('What an hour costs', 'money', labor.perHour, 'entered', labor.since) }, `Labor, ${labor.currency}`))] : []),
      ],
      section: patchSection(method, widest, depth, bars && bar ? { across: bar, behind: bars } : undefined),
    };
  } catch (error) {
    if (error instanceof NotComputable) return undefined;
    throw error;
  }
}
