import type { Recipe } from './method.ts';
import { sandFilledGroove } from './sandFilledGroove.ts';

/** The systems that have a method, and the family recipe they follow. The others are judged only. */
const recipes: Readonly<Record<string, Recipe>> = { 'rapid-crack-resin': sandFilledGroove };

/** The recipe of a system; nothing where it is judged only. */
export function recipeOf(systemId: string): Recipe | undefined {
  return Object.hasOwn(recipes, systemId) ? recipes[systemId] : undefined;
}
