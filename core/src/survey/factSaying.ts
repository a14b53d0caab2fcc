import type { DepthGrid } from '../geometry/depthGrid.ts';
import { outlinePoints, type Outline, type Shape } from '../geometry/outline.ts';
import { cellsOf, type TappingMap } from '../geometry/tapping.ts';
import { Ledger } from '../quantity/ledger.ts';
import type { Figure } from '../quantity/figure.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { Ask, Fact, Station } from './ask.ts';

/** A shape by its name and sizes. */
function shapeSaying({ is, widthMm, heightMm }: Shape, size: (mm: number[]) => Figure): Saying {
  const [across, down] = [size([0, widthMm]), size([0, heightMm])];
  if (is === 'ellipse' && widthMm === heightMm) return say`round, ${across}`;
  return say`${is === 'ellipse' ? 'oval, ' : is === 'rectangle' ? '' : `${is}, `}${across} by ${down}`;
}

/** A fact in words: its measure, its answer, or what was measured along it. */
export function factSaying(ask: Ask, fact: Fact<unknown>): Saying {
  const ledger = new Ledger();
  const how = fact.how === 'measured' || fact.how === 'log' ? fact.how : 'entered';
  switch (ask.ask) {
    case 'measure':
      return say`${ledger.given(ask.question, ask.kind, fact.value as number, how, fact.at)}`;
    case 'choice':
      return say`${ask.options.find((o) => o.value === fact.value)?.label ?? String(fact.value)}`;
    case 'stations':
      return (fact.value as readonly Station[]).reduce<Saying>(
        (words, s, i) =>
          say`${words}${i === 0 ? '' : ', '}${ledger.given('Width', 'crackWidth', s.widthMm, how, fact.at)} at ${ledger.given('Place', 'length', s.atMm, how, fact.at)}`,
        [],
      );
    case 'outline': {
      const outline = fact.value as Outline;
      const points = outlinePoints(outline);
      const reach = (places: number[]) => ledger.given('Reach', 'length', Math.max(...places) - Math.min(...places), how, fact.at);
      if ('shape' in outline) return shapeSaying(outline.shape, reach);
      return say`${reach(points.map((p) => p.xMm))} by ${reach(points.map((p) => p.yMm))}, ${String(points.length)} corners`;
    }
    case 'depth-grid': {
      const grid = fact.value as DepthGrid;
      return say`${String(grid.xMm.length)} by ${String(grid.yMm.length)} readings, deepest ${ledger.given('Deepest', 'depth', Math.max(...grid.depthMm.flat()), how, fact.at)}`;
    }
    case 'tapping': {
      const map = fact.value as TappingMap;
      return say`${String(cellsOf(map, 'h'))} hollow and ${String(cellsOf(map, 's'))} sound cells of ${ledger.given('Side of a cell', 'length', map.cellMm, how, fact.at)}`;
    }
    case 'text':
      return say`${String(fact.value)}`;
  }
}
