import { netLength, slitVolume } from '../../geometry/crackSize.ts';
import { say } from '../../quantity/saying.ts';
import { concreteWork } from '../../shelf/usual/concreteWork.ts';
import type { FactReader } from '../factReader.ts';
import { outlined } from '../extent.ts';
import type { Kind, Surveyed } from '../kind.ts';
import { beforeAsk, causeAsks, choice, lookAsk, measure, outlineAsk, trafficAsk } from '../questions.ts';
import { measuredRow } from '../sizes.ts';

/** Its area, and the cracks in it as a net: what is not known of their depth and of the pieces between them is taken as usual, and says so. */
function survey(read: FactReader): Surveyed {
  const extent = outlined(read, 'outline', undefined);
  const widest = read.measure('widestMm');
  if (!extent || !widest) throw new Error('the outline or the width is missing');
  const { ledger } = read;
  const usual = concreteWork.figures;
  const spacing = read.measure('spacingMm') ?? ledger.sourced(usual.piece);
  const depth = read.measure('depthMm') ?? ledger.sourced(usual.netDepth);
  const run = ledger.compute(netLength, { areaMm2: extent.area, spacingMm: spacing });
  const cracks = ledger.compute(slitVolume, { lengthMm: run, widthMm: widest, depthMm: depth });
  return {
    size: say`${extent.area}, ${widest}`,
    measured: [
      ...extent.measured.filter((m) => m.id !== 'cut'),
      ...measuredRow('widest', 'Widest', widest),
      ...measuredRow('deepest', 'Depth of the cracks', depth),
      ...measuredRow('run', 'Cracks in all, about', run),
      ...measuredRow('void', 'Cracks as found, at the most', cracks),
    ],
    seen: { ...extent.seen, cutOuts: [] },
    told: say`${extent.area} of it; cracks up to ${widest} wide, ${depth} deep, pieces ${spacing} across between them`,
  };
}

/** Map cracking: a net of fine cracks over an area of a slab. */
export const mapCracking: Kind = {
  id: 'map-cracking',
  surface: 'concrete',
  title: 'map cracking',
  ground: 'slab',
  forTheRecord: ['look'],
  alike: { finish: [['none', 'thin-coating', 'covered']] },
  answersSpeak: true,
  called: { is: ['map cracking', 'map', 'crazing', 'crazed', 'net'], in: ['slab', 'floor', 'pavement'] },
  asks: [
    outlineAsk('The area that is crazed'),
    measure('widestMm', 'Size', 'How wide is the widest?', 'crackWidth', [0.02, 5], { hint: 'gauge card, at several places' }),
    measure('depthMm', 'Size', 'How deep do they go?', 'depth', [0.5, 500], { required: false, hint: 'a small core or a broken edge; blank where not known' }),
    measure('spacingMm', 'Size', 'How large are the pieces between them?', 'depth', [5, 2000], {
      required: false,
      hint: 'from crack to crack, the mean of ten',
    }),
    choice('member', 'Member', 'What is it part of?', { 'slab-on-ground': 'slab on ground', suspended: 'suspended' }),
    choice('ground', 'Member', 'Do they grow?', { steady: 'no', grows: 'yes, or new ones come' }, { hint: 'old photos, a mark at the end of one' }),
    choice('deposit', 'Member', 'Does anything come out of them?', { none: 'nothing', white: 'a white crust', gel: 'a clear or brown gel' }),
    choice('moisture', 'Ground', 'How wet is it?', { dry: 'dry through', damp: 'damp' }),
    ...causeAsks({ curing: 'dried too soon', frost: 'frost and salt', reaction: 'stones that swell', heat: 'heat or fire' }),
    trafficAsk(),
    choice('finish', 'After', 'What finish follows?', { none: 'none', 'thin-coating': 'thin coating', stain: 'stain', covered: 'covered over' }),
    beforeAsk({ sealer: 'a sealer', paint: 'paint', coating: 'a coating', covering: 'tile or another covering' }),
    lookAsk,
  ],
  sense: (facts, ledger) => {
    const [depth, width] = ['depthMm', 'widestMm'].map((field) => facts[field]?.value);
    if (typeof depth !== 'number' || typeof width !== 'number' || width <= depth) return { refused: [], doubts: [] };
    const given = (label: string, kind: 'depth' | 'crackWidth', value: number) => ledger.given(label, kind, value, 'entered', '');
    const sentence = say`${given('width', 'crackWidth', width)} wide and only ${given('depth', 'depth', depth)} deep: does the face flake rather than crack?`;
    return { refused: [], doubts: [{ id: 'wider-than-deep', field: 'depthMm', sentence }] };
  },
  survey,
};
