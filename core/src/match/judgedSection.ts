import { ribbon, wander } from '../geometry/crackLine.ts';
import { rectangle } from '../geometry/layeredSection.ts';
import type { Region, Section } from '../geometry/section.ts';
import { foundSection } from '../survey/foundSection.ts';
import type { CutThrough } from '../survey/kind.ts';
import type { JudgedSize } from './subject.ts';

/** The place a system would fill, as judged: cut, or the crack as found. */
export function judgedSection(cut: CutThrough, size: JudgedSize | undefined): Section {
  const found = foundSection(cut);
  if (!size?.width || !size.depth || size.preparation === 'as-found') return found;
  const w = size.width.value / 2;
  const d = size.depth.value;
  const bottom = Math.min(cut.slab.value, d * 1.9 + 2);
  const half = Math.max(w * 3, bottom * 0.75);
  const regions: Region[] = [{ id: 'slab', material: 'concrete', outline: rectangle(-half, 0, half, bottom) }];
  if (cut.depth.value > d) regions.push({ id: 'crack', material: 'crack', outline: ribbon(wander(d, bottom, w * 0.3), Math.min(cut.widest.value, w)) });
  regions.push({ id: 'fill', material: 'resin-sand', outline: rectangle(-w, 0, w, d), ...(size.void && { volume: size.void }) });
  return { ...found, extent: { left: -half, right: half, top: 0, bottom }, regions, lines: [], dimensions: [], notes: [] };
}
