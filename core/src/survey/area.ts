import type { Ask, AskTable, FactsOf } from './ask.ts';

/** What is asked about an area: the air, the slab and the place. */
export const areaAsks = [
  { field: 'place', group: 'Place', ask: 'choice', required: true, question: 'Where is it?', options: [
    { value: 'inside', label: 'inside' },
    { value: 'outside', label: 'outside' },
    { value: 'outside-salt', label: 'outside, with de-icing salt' },
  ] },
  { field: 'airC', group: 'Climate', ask: 'measure', kind: 'temperature', min: -20, max: 50, required: true, question: 'Air', hint: 'shaded thermometer at working height' },
  { field: 'slabC', group: 'Climate', ask: 'measure', kind: 'temperature', min: -20, max: 70, required: true, question: 'Slab', hint: 'probe on the surface, not the air' },
  { field: 'humidityPct', group: 'Climate', ask: 'measure', kind: 'percent', min: 1, max: 100, required: true, question: 'Humidity' },
] as const satisfies readonly Ask[];

export type AreaFacts = FactsOf<typeof areaAsks>;

export const areaTable: AskTable<typeof areaAsks> = { id: 'area', title: 'area', why: 'The temperature of the slab decides which resins harden and how fast; probe the slab itself. With the air and its humidity it gives the dew point.', asks: areaAsks };
