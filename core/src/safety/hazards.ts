import type { Caution } from './caution.ts';
import { dustHazards } from './hazards/dust.ts';
import type { DoneStep, Hazard } from './hazards/hazard.ts';
import { placeHazards } from './hazards/place.ts';
import { stuffHazards } from './hazards/stuff.ts';
import type { StopMatter } from './stop.ts';

/** Every hazard that is told of, in the order in which they are told. A new one is a line in one of its files. */
const hazards: readonly Hazard[] = [...dustHazards, ...stuffHazards, ...placeHazards];

/** What stands under every list of cautions. */
export const cautionsWhy = 'The usual ones, not all of them: local codes, the product’s data sheet and safety data sheet, and licensed practice go first.';

/**
 * The usual cautions of a work, each from what is done in it: by the tool, the material and the place of every step, whatever
 * system the step belongs to. Local codes, the sheets of the product and licensed practice go first; these are not all of them.
 */
export function stepCautions(matter: StopMatter, steps: readonly DoneStep[]): readonly Caution[] {
  return hazards.flatMap(({ id, title, source, stands, at, text }): Caution[] => {
    const all = steps.filter((s) => stands(matter, s));
    const on = at === undefined ? all : at === 'first' ? all.slice(0, 1) : all.slice(-1);
    return on.length === 0 ? [] : [{ id, title, text: text(matter, on), steps: on.map((s) => s.id), source }];
  });
}
