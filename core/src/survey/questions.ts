import type { QuantityKind } from '../quantity/kind.ts';
import type { Ask, ChoiceAsk, Condition, DepthGridAsk, MeasureAsk, OutlineAsk, StationsAsk, TappingAsk } from './ask.ts';

/** What else is said of a question: that it may be left open, when it is asked, how to measure. */
export interface More {
  readonly required?: boolean;
  readonly hint?: string;
  readonly when?: readonly Condition[];
}

const base = (field: string, group: string, question: string, { required = true, hint, when }: More) => ({
  field,
  group,
  question,
  required,
  ...(hint !== undefined && { hint }),
  ...(when && { when }),
});

/** A choice: values with their words. */
export function choice(field: string, group: string, question: string, options: Readonly<Record<string, string>>, more: More = {}): ChoiceAsk {
  return { ...base(field, group, question, more), ask: 'choice', options: Object.entries(options).map(([value, label]) => ({ value, label })) };
}

/** A measure of a kind, within its range in the kind's base unit. */
export function measure(
  field: string,
  group: string,
  question: string,
  kind: QuantityKind,
  [min, max]: readonly [number, number],
  more: More = {},
): MeasureAsk {
  return { ...base(field, group, question, more), ask: 'measure', kind, min, max };
}

export const is = (field: string, ...values: readonly string[]): Condition => ({ field, is: values });
export const isNot = (field: string, ...values: readonly string[]): Condition => ({ field, isNot: values });

/** Length of a line, and widths along it. */
export function lineAsks(what: string, widest: number, more: More = {}): (MeasureAsk | StationsAsk)[] {
  return [
    measure('lengthMm', 'Size', 'Length', 'length', [20, 500_000], { hint: `tape along the ${what}` }),
    {
      ...base('widths', 'Size', 'Widths along it', { hint: 'gauge card or feeler, at the ends, the widest and the narrowest', ...more }),
      ask: 'stations',
      min: 0.02,
      max: widest,
    },
  ];
}

/** The line around it. */
export function outlineAsk(question: string, more: More = {}): OutlineAsk {
  return { ...base('outline', 'Size', question, { hint: 'a shape by its dimensions, or corner by corner', ...more }), ask: 'outline', min: 2, max: 30_000 };
}

/** One depth, or a grid of them where it is uneven. */
export function depthAsks(most: number, more: More = {}): (ChoiceAsk | MeasureAsk | DepthGridAsk)[] {
  return [
    choice('bottom', 'Size', 'Is it of one depth?', { even: 'much the same', uneven: 'uneven' }, more),
    measure('depthMm', 'Size', 'Depth', 'depth', [0.05, most], {
      hint: 'straightedge over it, rule down from that',
      when: [isNot('bottom', 'uneven'), ...(more.when ?? [])],
    }),
    {
      ...base('depths', 'Size', 'Depths on a grid', { hint: 'straightedge across, read at even steps', when: [is('bottom', 'uneven'), ...(more.when ?? [])] }),
      ask: 'depth-grid',
      max: most,
    },
  ];
}

/** Width, height and depth of something small. */
export function spotAsks(most: number, deepest: number): MeasureAsk[] {
  return [
    measure('widthMm', 'Size', 'Width', 'depth', [0.2, most]),
    measure('heightMm', 'Size', 'Height', 'depth', [0.2, most]),
    measure('depthMm', 'Size', 'Depth', 'depth', [0.02, deepest]),
  ];
}

/** Hollow and sound cells. */
export function tappingAsk(question: string, more: More = {}): TappingAsk {
  return { ...base('tapping', 'Size', question, { hint: 'hammer or chain, cell by cell', ...more }), ask: 'tapping' };
}

export const estimateAsk = measure('estimatedMm2', 'Size', 'What was estimated before?', 'area', [100, 1e9], { required: false, hint: 'blank if nothing was' });

/** The cause, and who takes it away. */
export function causeAsks(causes: Readonly<Record<string, string>>): Ask[] {
  return [
    choice('cause', 'Cause', 'What caused it?', { ...causes, unknown: 'not known yet' }),
    choice(
      'causeBy',
      'Cause',
      'Who takes the cause away?',
      { gone: 'it is gone', us: 'we do', client: 'the client', other: 'another trade', nobody: 'nobody yet' },
      { when: [isNot('cause', 'unknown')] },
    ),
  ];
}

/** Who looks at it afterwards, and how closely. */
export const lookAsk = choice('look', 'After', 'How closely is it looked at?', {
  hidden: 'not seen',
  passing: 'in passing',
  close: 'closely, or in raking light',
});

/** What was on it. */
export const beforeAsk = (options: Readonly<Record<string, string>>) =>
  choice('before', 'After', 'What was on it before?', { bare: 'nothing', ...options, patch: 'an old patch', unknown: 'not known' });

/** What may lie behind, and whether one gets at it. */
export const behindAsks: readonly Ask[] = [
  choice('services', 'Behind', 'May services run behind?', { no: 'none', may: 'not located yet', clear: 'looked, clear', found: 'found some' }),
  choice(
    'infill',
    'Behind',
    'What fills the space behind?',
    { none: 'nothing', insulation: 'batts or foam', granules: 'loose granules or flakes', unknown: 'not seen' },
    { required: false, hint: 'granules that glitter may be vermiculite, which may hold asbestos' },
  ),
  choice('access', 'Behind', 'Can it be reached from behind?', { no: 'no', yes: 'yes' }, { required: false }),
];

/** A crack that goes on past a place is not gone when the place is filled. */
export const runsOnAsk = choice(
  'runsOn',
  'Ground',
  'Does a crack go on beyond it?',
  { no: 'no', hairline: 'a hairline', wider: 'one that a fingernail finds' },
  { required: false },
);

export const positionAsk = choice('position', 'Member', 'Where does it lie?', { floor: 'floor', wall: 'wall', overhead: 'overhead', edge: 'edge' });

export const trafficAsk = (more: More = {}) =>
  choice('traffic', 'After', 'What goes over it?', { foot: 'feet', 'soft-tires': 'soft tires', 'hard-wheels': 'hard wheels' }, more);

/** Finish and light of a face, which decide how flat it has to be, and its size, where more than the repair is skimmed or painted. */
export const faceAsks: readonly Ask[] = [
  choice('paint', 'After', 'What paint follows?', {
    flat: 'flat',
    eggshell: 'eggshell or satin',
    gloss: 'semigloss or gloss',
    paper: 'wall covering',
    none: 'none',
  }),
  choice('light', 'After', 'How does light fall on it?', { soft: 'softly', raking: 'along the face' }),
  choice('texture', 'After', 'What texture has it?', {
    smooth: 'smooth',
    orange: 'fine spatter',
    knockdown: 'flattened spatter',
    dash: 'dashed or coarse',
    other: 'another',
  }),
  measure('faceMm2', 'After', 'How large is the whole face?', 'area', [10_000, 1e9], {
    required: false,
    hint: 'where a shine, light along it or a close look ask for a coat from corner to corner',
  }),
];

export const damp = { dry: 'dry', damp: 'damp', wet: 'wet' } as const;
