import type { Recipe } from './method.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { sandFilledGroove, sandFilledGrooveReads } from './sandFilledGroove.ts';

/** The systems that have a method, and the family recipe they follow. The others are judged only. */
const recipes: Readonly<Record<string, { readonly recipe: Recipe; readonly reads: readonly string[] }>> = {
  'rapid-crack-resin': { recipe: sandFilledGroove, reads: sandFilledGrooveReads },
};

type Named = Pick<PatchSystem, 'id' | 'basedOn'>;
const familyOf = ({ id, basedOn = id }: Named) => (Object.hasOwn(recipes, basedOn) ? recipes[basedOn] : undefined);

/** The recipe of a system, or of the one that a product is based on; nothing where it is judged only. */
export function recipeOf(system: Named): Recipe | undefined {
  return familyOf(system)?.recipe;
}

/** The questions of the trade whose side the recipe of a system follows. */
export function recipeReads(system: Named): readonly string[] {
  return familyOf(system)?.reads ?? [];
}
