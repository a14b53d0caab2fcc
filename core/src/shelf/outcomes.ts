/** What can be asked of a repair besides that it holds, and how it is called where it is left to be done. */
export const outcomes = {
  closed: 'filling it to its face',
  carries: 'that it carries again',
  watertight: 'that it is tight against water',
  edges: 'the broken edges',
  joint: 'filling the joint',
  access: 'the holes of its own work',
  level: 'a level face',
  texture: 'the texture',
  painted: 'the paint',
  color: 'the color',
  gloss: 'the shine',
} as const;

export type Outcome = keyof typeof outcomes;
