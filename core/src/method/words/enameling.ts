import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';

/** Grinding rust from enamel. */
export const grindRust = (chips: Figure): Said => ({
  builder: 'grind-rust',
  title: say`Grind ${chips} ${chips.value === 1 ? 'chip' : 'chips'} to tight enamel`,
  detail: say`wet and contained: old enamel may hold lead; every brown speck off, the edge feathered; degreased, dried warm`,
  look: say`Bright metal, an edge that the nail does not catch.`,
  done: 'Bright metal',
  tools: ['small stone or wet paper', 'cleaner', 'warm air'],
});

/** A chip deeper than coats make level is filled first. */
export const fillChip = (build: number, builds: Figure, filler: Figure, thick: Figure, low: Figure): Said => ({
  builder: 'fill-chip',
  title: say`Filler for enamel, build ${String(build)} of ${builds}: ${filler}`,
  detail: say`mixed on a card to one color; ${thick} at the most, pressed in from the edge so that no air stays on the metal${build === builds.value ? say`, the last struck off ${low} below the face: what shows is enamel` : ''}`,
  look: say`No pinhole, no bridge at the edge${build === builds.value ? '; lower than the face all over' : ''}.`,
  done: 'Build in',
  tools: ['card', 'flexible spreader', 'lamp'],
});

/** What was filled is made level a trace below the face. */
export const levelChip = (low: Figure, grit: Figure): Said => ({
  builder: 'level-chip',
  title: say`Sand the filler wet with P${grit}, ${low} low`,
  detail: say`on a hard block no wider than the chip; off the old enamel, which scratches and may hold lead; rinsed, wiped with the cleaner of the sheet, dry`,
  look: say`A nail feels one shallow dish and no rim.`,
  done: 'Low and even',
  tools: ['small hard block', 'wet paper', 'cloth'],
});

/** A thin coat over what is ground or filled. */
export const enamelCoat = (coat: number, coats: Figure, paint: Figure, film: Figure): Said => ({
  builder: 'enamel-coat',
  title: say`Enamel, coat ${String(coat)} of ${coats}: ${paint}`,
  detail: say`mixed anew on a card; ${film} at the most, flowed in from the middle to just over the edge; thin coats do not sag; the brush rinsed out after it`,
  look: say`Level; ${coat === coats.value ? 'stands a trace above and meets the old gloss.' : 'the metal is covered.'}`,
  done: 'Coat on',
  cleans: true,
  gives: ['closed', 'level', 'color', 'gloss'],
  tools: ['fine brush', 'card', 'lamp'],
});
