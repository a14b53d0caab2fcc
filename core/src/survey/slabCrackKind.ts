import { widestWidth } from '../geometry/crackSize.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atMost } from '../quantity/round.ts';
import { say } from '../quantity/saying.ts';
import { valueOf } from './ask.ts';
import type { Doubt, Kind, Refusal } from './kind.ts';
import { slabCrackTable, type SlabCrackFacts } from './slabCrack.ts';
import { lineSurvey } from './sizes.ts';

/** A bigger spread than this between neighbors is two cracks. */
const spreadDoubt = 4;

function sense(facts: SlabCrackFacts, ledger: Ledger): { refused: Refusal[]; doubts: Doubt[] } {
  const refused: Refusal[] = [];
  const doubts: Doubt[] = [];
  const length = valueOf(facts.lengthMm);
  const widths = valueOf(facts.widths) ?? [];
  const depth = valueOf(facts.depthMm);
  const slab = valueOf(facts.slabMm);
  const given = (label: string, kind: 'length' | 'depth' | 'crackWidth', value: number) => ledger.given(label, kind, value, 'entered', '');
  if (depth !== undefined && slab !== undefined && !atMost(depth, slab)) {
    refused.push({
      field: 'depthMm',
      sentence: say`The crack cannot be deeper than the slab: ${given('depth', 'depth', depth)} in a slab of ${given('slab', 'depth', slab)}. A crack right through has the depth of the slab.`,
    });
  }
  if (length !== undefined) {
    const beyond = widths.find((s) => !atMost(s.atMm, length));
    if (beyond) {
      refused.push({
        field: 'widths',
        sentence: say`A width is placed at ${given('place', 'length', beyond.atMm)}, past the end of the crack at ${given('length', 'length', length)}. It must lie on the crack.`,
      });
    }
  }
  const places = new Set(widths.map((s) => s.atMm));
  if (places.size < widths.length) refused.push({ field: 'widths', sentence: say`Two widths stand at the same place. Each place has one width.` });
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

/** A crack in a concrete slab, as a kind of defect among the others. */
export const slabCrack: Kind = { ...slabCrackTable, surface: 'concrete', sense: (facts, ledger) => sense(facts, ledger), survey: (read) => lineSurvey(read) };
