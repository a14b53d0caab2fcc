import type { Ask, AskTable, FactsOf } from './ask.ts';

/** What is asked about a crack in a concrete slab, in the order a person looks at it. */
export const slabCrackAsks = [
  { field: 'lengthMm', group: 'Size', ask: 'measure', kind: 'length', min: 50, max: 500_000, required: true, question: 'Length', hint: 'tape along the crack' },
  { field: 'widths', group: 'Size', ask: 'stations', min: 0.02, max: 60, required: true, question: 'Widths along it', hint: 'gauge card or feeler, at the ends, the widest and the narrowest' },
  { field: 'depthMm', group: 'Size', ask: 'measure', kind: 'depth', min: 1, max: 2000, required: false, question: 'Depth of the crack', hint: 'wire or feeler; blank if through' },
  { field: 'slabMm', group: 'Size', ask: 'measure', kind: 'depth', min: 30, max: 2000, required: false, question: 'Thickness of the slab', hint: 'at an edge or a hole; blank if not known' },
  { field: 'member', group: 'Member', ask: 'choice', required: true, question: 'What is it part of?', options: [
    { value: 'slab-on-ground', label: 'slab on ground' },
    { value: 'suspended', label: 'suspended' },
    { value: 'stair', label: 'stair' },
    { value: 'other', label: 'other' },
  ] },
  { field: 'reinforcement', group: 'Member', ask: 'choice', required: true, question: 'Reinforced?', options: [
    { value: 'plain', label: 'plain' },
    { value: 'reinforced', label: 'reinforced' },
    { value: 'prestressed', label: 'prestressed' },
    { value: 'unknown', label: 'not known' },
  ] },
  { field: 'alongBar', group: 'Member', when: [{ field: 'reinforcement', isNot: ['plain'] }], ask: 'choice', required: true, question: 'Does it follow a bar?', hint: 'straight, in line with others, rust', options: [
    { value: 'no', label: 'no' },
    { value: 'yes', label: 'yes, or rust shows' },
  ] },
  { field: 'faces', group: 'Member', ask: 'choice', required: true, question: 'Are both sides level?', options: [
    { value: 'level', label: 'level' },
    { value: 'stepped', label: 'one stands higher' },
  ] },
  { field: 'stepMm', group: 'Member', when: [{ field: 'faces', is: ['stepped'] }], ask: 'measure', kind: 'depth', min: 0.1, max: 200, required: true, question: 'Height of the step', hint: 'straightedge over the crack' },
  { field: 'ground', group: 'Member', ask: 'choice', required: true, question: 'Is it steady?', hint: 'stand on both sides; look at old marks', options: [
    { value: 'steady', label: 'steady' },
    { value: 'rocks', label: 'rocks' },
    { value: 'grows', label: 'grows' },
    { value: 'settled', label: 'has settled' },
  ] },
  { field: 'movement', group: 'Ground', ask: 'choice', required: true, question: 'Does it move with the seasons?', options: [
    { value: 'still', label: 'still' },
    { value: 'moving', label: 'moves' },
    { value: 'unknown', label: 'not known' },
  ] },
  { field: 'movementMm', group: 'Ground', when: [{ field: 'movement', is: ['moving'] }], ask: 'measure', kind: 'crackWidth', min: 0.02, max: 20, required: true, question: 'Opening still to come', hint: 'crack gauge, through a season' },
  { field: 'moisture', group: 'Ground', ask: 'choice', required: true, question: 'How wet is it?', options: [
    { value: 'dry', label: 'dry through' },
    { value: 'damp', label: 'damp' },
    { value: 'running', label: 'water runs' },
  ] },
  { field: 'located', group: 'Ground', ask: 'choice', required: true, question: 'Bars, tubing, cables located?', options: [
    { value: 'no', label: 'not yet' },
    { value: 'clear', label: 'scanned, clear' },
    { value: 'found', label: 'found some' },
  ] },
  { field: 'coverMm', group: 'Ground', when: [{ field: 'located', is: ['found'] }], ask: 'measure', kind: 'depth', min: 0, max: 1000, required: true, question: 'Cover over what was found', hint: 'least reading of the scan' },
  { field: 'slabAgeDays', group: 'Ground', ask: 'measure', kind: 'age', min: 0, max: 100_000, required: false, question: 'Age of the slab', hint: 'only if young' },
  { field: 'traffic', group: 'Use', ask: 'choice', required: true, question: 'What goes over it?', options: [
    { value: 'foot', label: 'feet' },
    { value: 'soft-tires', label: 'soft tires' },
    { value: 'hard-wheels', label: 'hard wheels' },
  ] },
  { field: 'finish', group: 'Use', ask: 'choice', required: true, question: 'What finish follows?', options: [
    { value: 'none', label: 'none' },
    { value: 'thin-coating', label: 'thin coating' },
    { value: 'stain', label: 'stain' },
    { value: 'covering', label: 'covered over' },
  ] },
  { field: 'claim', group: 'Use', ask: 'choice', required: false, question: 'Must it carry load again?', options: [
    { value: 'no', label: 'no' },
    { value: 'restore-strength', label: 'yes, restore strength' },
  ] },
] as const satisfies readonly Ask[];

export type SlabCrackFacts = FactsOf<typeof slabCrackAsks>;

export const slabCrackTable: AskTable<typeof slabCrackAsks> = { id: 'slab-crack', title: 'crack in the slab', asks: slabCrackAsks };
