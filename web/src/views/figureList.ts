import { formulaGroups, formulas, isPlainStep, quickTools, type FormulaGroup } from '@oddment/core';
import { sought } from './quickFigure.ts';

export interface FigureItem {
  readonly id: string;
  readonly title: string;
}

/** Figures that stand together; folded until one of them is wanted. */
export interface FigureSection {
  readonly title: string;
  readonly items: readonly FigureItem[];
  readonly open: boolean;
}

const toolItem = (t: { readonly id: string; readonly title: string }): FigureItem => ({ id: t.id, title: t.title });
const formulaItem = (f: { readonly name: string; readonly title: string }): FigureItem => ({ id: f.name, title: f.title });

const mostUsed = 6;

/** The figures that were opened last, the latest first, with one more. */
export const usedAfter = (used: readonly string[], id: string): readonly string[] => [id, ...used.filter((one) => one !== id)].slice(0, mostUsed);

function itemsOf(group: FormulaGroup, words: string, plain: boolean): readonly FigureItem[] {
  const tools = plain ? [] : quickTools.filter((t) => t.group === group.title);
  return [
    ...sought(tools, words, (t) => t.id).map(toolItem),
    ...sought(
      group.formulas.filter((f) => isPlainStep(f) === plain),
      words,
      (f) => f.name,
    ).map(formulaItem),
  ];
}

const named = new Map([...formulas.map(formulaItem), ...quickTools.map(toolItem)].map((item) => [item.id, item]));

/**
 * The list of figures: those used last, then each subject, and last the plain steps of workings. All that hold the words
 * are open, and so is the subject of the one that is shown.
 */
export function figureSections(words: string, shown: string | undefined, used: readonly string[]): readonly FigureSection[] {
  const searched = words.trim() !== '';
  const section = (title: string, items: readonly FigureItem[]): FigureSection => ({
    title,
    items,
    open: searched || items.some((item) => item.id === shown),
  });
  const last = used.flatMap((id) => named.get(id) ?? []);
  return [
    ...(searched || last.length === 0 ? [] : [{ title: 'Used last', items: last, open: true }]),
    ...formulaGroups.map((g) => section(g.title, itemsOf(g, words, false))),
    section(
      'Sums and shares of workings',
      formulaGroups.flatMap((g) => itemsOf(g, words, true)),
    ),
  ].filter((s) => s.items.length > 0);
}
