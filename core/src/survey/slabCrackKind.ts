import { crackVolume, meanWidth, widestWidth } from '../geometry/crackSize.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { chasingTools } from '../shelf/chasingTools.ts';
import { valueOf } from './ask.ts';
import type { FactReader } from './factReader.ts';
import type { Doubt, Kind, Refusal, Surveyed } from './kind.ts';
import { slabCrackTable, type SlabCrackFacts } from './slabCrack.ts';
import { measuredRow } from './sizes.ts';

/** A bigger spread than this between neighbors is two cracks. */
const spreadDoubt = 4;

function sense(facts: SlabCrackFacts, ledger: Ledger): { refused: Refusal[]; doubts: Doubt[] } {
  const refused: Refusal[] = [];
  const doubts: Doubt[] = [];
  const length = valueOf(facts.lengthMm);
  const widths = valueOf(facts.widths) ?? [];
  const depth = valueOf(facts.depthMm);
  const slab = valueOf(facts.slabMm);
  const given = <K extends 'length' | 'depth' | 'crackWidth'>(label: string, kind: K, value: number) => ledger.given(label, kind, value, 'entered', '');
  if (depth !== undefined && slab !== undefined && !atMost(depth, slab)) {
    refused.push({
      field: 'depthMm',
      sentence: say`The crack cannot be deeper than the slab: ${given('depth', 'depth', depth)} in a slab of ${given('slab', 'depth', slab)}. A crack right through has the depth of the slab.`,
    });
  }
  if (widths.length > 0) {
    const stations = widths.map((s) => given('width', 'crackWidth', s.widthMm));
    const widest = ledger.compute(widestWidth, { widthMm: stations });
    const least = Math.min(...widths.map((s) => s.widthMm));
    if (depth !== undefined && widest.value > depth) {
      doubts.push({
        id: 'wider-than-deep',
        field: 'depthMm',
        sentence: say`${widest} wide and only ${given('depth', 'depth', depth)} deep: is it a spall rather than a crack?`,
      });
    }
    if (widest.value > least * spreadDoubt && widths.length > 1) {
      doubts.push({
        id: 'uneven-width',
        field: 'widths',
        sentence: say`The widest place, ${widest}, is far wider than the narrowest. The groove is cut for the widest all along: would two cracks, each with its own width, be right?`,
      });
    }
    if (length !== undefined && widest.value > length) {
      doubts.push({ id: 'wider-than-long', field: 'lengthMm', sentence: say`It is wider than it is long: is it a hole?` });
    }
  }
  return { refused, doubts };
}

/** Its measures: what is not known of depth and slab is taken as usual, and says so. */
function survey(read: FactReader): Surveyed {
  const { ledger } = read;
  const length = read.measure('lengthMm');
  const stations = read.stations('widths');
  if (!length || !stations) throw new Error('the length or the widths are missing');
  const { slabUnknown } = chasingTools;
  const found = read.measure('depthMm');
  const slab = read.measure('slabMm') ?? (found && found.value > slabUnknown.value ? found : ledger.sourced(slabUnknown));
  const depth = found ?? slab;
  const line = { stationMm: stations.at, widthMm: stations.widths, lengthMm: length };
  const widest = ledger.compute(widestWidth, { widthMm: stations.widths });
  const mean = ledger.compute(meanWidth, line);
  const widths = stations.widths.reduce<Saying>((words, width, i) => {
    const at = stations.at[i];
    return at ? say`${words}${i === 0 ? '' : ', '}${width} at ${at}` : words;
  }, []);
  return {
    size: say`${length}, ${widest}`,
    measured: [
      ...measuredRow('length', 'Length', length),
      ...measuredRow('widest', 'Widest', widest),
      ...measuredRow('mean', 'Mean width', mean),
      ...measuredRow('void', 'Volume as found', ledger.compute(crackVolume, { ...line, depthMm: depth })),
      ...measuredRow('deepest', 'Depth of the crack', depth),
      ...measuredRow('slab', 'Thickness of the slab', slab),
    ],
    seen: { line: { lengthMm: length.value, stations: stations.widths.map((w, i) => [stations.at[i]?.value ?? 0, w.value] as const) } },
    told: say`${length} long; ${widths}; ${depth} deep, slab ${slab}`,
    cut: { length, widest, mean, depth, slab },
  };
}

/** A crack in a concrete slab, as a kind of defect among the others. */
export const slabCrack: Kind = {
  alike: { reinforcement: [['reinforced', 'unknown']] },
  ...slabCrackTable,
  called: { is: ['crack'], in: ['slab', 'floor', 'pavement', 'walk', 'stair'] },
  surface: 'concrete',
  forTheRecord: ['look'],
  chased: true,
  ground: 'slab',
  answersSpeak: true,
  sense: (facts, ledger) => sense(facts, ledger),
  survey,
};
