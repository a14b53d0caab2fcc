import type { Ask, AskTable, FactsOf } from './ask.ts';

/** What is asked about an area: the air, the slab and the place. */
export const areaAsks = [
  {
    field: 'place',
    group: 'Place',
    ask: 'choice',
    required: true,
    question: 'Where is it?',
    options: [
      { value: 'inside', label: 'inside' },
      { value: 'outside', label: 'outside' },
      { value: 'outside-salt', label: 'outside, with de-icing salt' },
    ],
  },
  {
    field: 'airC',
    group: 'Climate',
    ask: 'measure',
    kind: 'temperature',
    min: -20,
    max: 50,
    required: true,
    question: 'Air',
    hint: 'shaded thermometer at working height',
  },
  {
    field: 'slabC',
    group: 'Climate',
    ask: 'measure',
    kind: 'temperature',
    min: -20,
    max: 70,
    required: true,
    question: 'Surface',
    hint: 'probe on the slab or wall itself, not the air',
  },
  { field: 'humidityPct', group: 'Climate', ask: 'measure', kind: 'percent', min: 1, max: 100, required: true, question: 'Humidity' },
  {
    field: 'nightC',
    group: 'Climate',
    ask: 'measure',
    kind: 'temperature',
    min: -40,
    max: 40,
    required: false,
    question: 'Coldest night',
    hint: 'until it is in use: the forecast outside; inside, what it falls to when the heating is off',
  },
  {
    field: 'yearBuilt',
    group: 'Place',
    ask: 'measure',
    kind: 'count',
    min: 1400,
    max: 2100,
    required: false,
    question: 'Built in',
    hint: 'the year, if known: older paint and plaster may hold lead or asbestos',
  },
  {
    field: 'building',
    group: 'Place',
    ask: 'choice',
    required: false,
    question: 'What kind of building?',
    options: [
      { value: 'home', label: 'a home, up to four dwellings' },
      { value: 'larger', label: 'more than four dwellings' },
      { value: 'public', label: 'public or commercial' },
    ],
  },
  {
    field: 'leadTest',
    group: 'Place',
    ask: 'choice',
    required: false,
    question: 'Was the paint tested for lead?',
    hint: 'older paint is taken to hold lead until it is tested: in the USA that from before 1978; the year of your country stands in House rules',
    when: [{ field: 'yearBuilt', below: 2010 }],
    options: [
      { value: 'no', label: 'not tested' },
      { value: 'free', label: 'tested, none' },
      { value: 'found', label: 'tested, lead found' },
    ],
  },
  {
    field: 'occupied',
    group: 'Place',
    ask: 'choice',
    required: false,
    question: 'Who is about?',
    options: [
      { value: 'empty', label: 'nobody' },
      { value: 'around', label: 'people next to it' },
      { value: 'inside', label: 'people in it' },
    ],
  },
  {
    field: 'wetUse',
    group: 'Place',
    ask: 'choice',
    required: false,
    question: 'Is it wet by use?',
    options: [
      { value: 'dry', label: 'dry' },
      { value: 'splashed', label: 'splashed' },
      { value: 'under-water', label: 'under water' },
    ],
  },
  { field: 'floor', group: 'Where to find it', ask: 'text', most: 40, required: false, question: 'Floor', hint: 'such as 2, or basement' },
  { field: 'side', group: 'Where to find it', ask: 'text', most: 40, required: false, question: 'Side or face', hint: 'such as north, or courtyard' },
] as const satisfies readonly Ask[];

export type AreaFacts = FactsOf<typeof areaAsks>;

export const areaTable: AskTable<typeof areaAsks> = {
  id: 'area',
  title: 'area',
  why: 'The temperature of the surface decides what hardens on it and how fast; probe the slab or wall itself. With the air and its humidity it gives the dew point.',
  asks: areaAsks,
};

/** What an area is called, with its floor and its side where they are known: how a crew finds it. */
export function areaWords({ name, facts }: { readonly name: string; readonly facts: Pick<AreaFacts, 'floor' | 'side'> }): string {
  return [name, facts.floor?.value, facts.side?.value].filter((part) => part !== undefined && part.trim() !== '').join(', ');
}

/** Whether an area is outside; one of which that is not said yet counts as such, as the weather may come in. */
export const isOutside = ({ facts }: { readonly facts: Pick<AreaFacts, 'place'> }): boolean => facts.place?.value !== 'inside';
