/** The colors of a drawing, by what they mean. */
export interface Palette {
  readonly sheet: string;
  readonly ink: string;
  readonly ink2: string;
  readonly concrete: string;
  readonly concreteMark: string;
  readonly crack: string;
  readonly lift: string;
  readonly liftAlternate: string;
  readonly grain: string;
  readonly liftEdge: string;
  readonly resin: string;
  readonly grind: string;
  readonly masonry: string;
  readonly board: string;
  readonly wood: string;
  readonly woodMark: string;
  /** resin and sealant, as placed */
  readonly wet: string;
  readonly coat: string;
}

export const paper: Palette = {
  sheet: '#fbfaf6',
  ink: '#1d282e',
  ink2: '#51606a',
  concrete: '#e4e0d5',
  concreteMark: '#8b8a82',
  crack: '#1d282e',
  lift: '#e5d5a3',
  liftAlternate: '#f2e8c9',
  grain: '#a08437',
  liftEdge: '#7c6427',
  resin: '#1b5c9e',
  grind: '#b4470a',
  masonry: '#e3c9b8',
  board: '#efece2',
  wood: '#ead9bd',
  woodMark: '#a9865a',
  wet: '#bcd3e6',
  coat: '#f6f1df',
};

export const night: Palette = {
  sheet: '#1b2226',
  ink: '#f0ece2',
  ink2: '#b4bfc5',
  concrete: '#3b444a',
  concreteMark: '#87939a',
  crack: '#0d1114',
  lift: '#8a7436',
  liftAlternate: '#a48d4c',
  grain: '#e8d9a4',
  liftEdge: '#e0cf99',
  resin: '#7fb7ee',
  grind: '#f09a5c',
  masonry: '#5b453a',
  board: '#4a4f50',
  wood: '#57462f',
  woodMark: '#b6966a',
  wet: '#3f6382',
  coat: '#8f845f',
};

/** For paper in black and white: the same drawing, told apart by its marks. */
export const print: Palette = {
  sheet: '#ffffff',
  ink: '#000000',
  ink2: '#333333',
  concrete: '#f0f0f0',
  concreteMark: '#666666',
  crack: '#000000',
  lift: '#d4d4d4',
  liftAlternate: '#ffffff',
  grain: '#444444',
  liftEdge: '#000000',
  resin: '#000000',
  grind: '#000000',
  masonry: '#e6e6e6',
  board: '#f7f7f7',
  wood: '#efefef',
  woodMark: '#777777',
  wet: '#d9d9d9',
  coat: '#ffffff',
};
