import { formula } from '../quantity/formula.ts';

/** Area of so many square cells, in mm². */
export const cellArea = formula({
  name: 'cell-area',
  title: 'Area of the cells',
  words: 'number of cells times the side of one, squared',
  inputs: {
    cells: { kind: 'count', label: 'cells', min: 0, max: 1e5, usual: 14 },
    cellMm: { kind: 'length', label: 'side of a cell', min: 1, max: 1e4, usual: 100 },
  },
  output: 'area',
  source: 'geometry',
  compute: ({ cells, cellMm }) => cells * cellMm * cellMm,
});
