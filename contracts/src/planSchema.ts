import { outcomes, skills } from '@oddment/core';
import type { Schema } from './schema.ts';
import { objectSchema } from './schema.ts';

const text: Schema = { type: 'string' };
const number: Schema = { type: 'number' };
const whole: Schema = { type: 'integer' };
const yes: Schema = { type: 'boolean' };
const when: Schema = { type: 'string', format: 'date-time' };
const list = (items: Schema): Schema => ({ type: 'array', items });
const one = (...values: readonly string[]): Schema => ({ enum: values });
const ref = (name: string): Schema => ({ $ref: `#/$defs/${name}` });
const mapOf = (values: Schema): Schema => ({ type: 'object', additionalProperties: values });

const figure = ref('figureRef');
const saying = ref('saying');
const grade = one('fits', 'care', 'out');
const points = list(ref('point'));

const figureRow = objectSchema({
  id: { type: 'string', pattern: '^f[1-9][0-9]*$' },
  label: text,
  value: number,
  kind: text,
  origin: {
    anyOf: [
      objectSchema({ by: one('formula'), formula: text, inputs: mapOf({ anyOf: [ref('figureId'), list(ref('figureId'))] }) }),
      objectSchema({ by: one('entered', 'measured', 'log'), at: { anyOf: [when, { type: 'string', format: 'date' }] }, text, instrument: text }, [
        'text',
        'instrument',
      ]),
      objectSchema({ by: one('assumed'), source: text, why: text }, ['why']),
      objectSchema({ by: one('sheet'), source: text }),
      objectSchema({ by: one('stated') }),
    ],
  },
});

const quantity = objectSchema({ id: text, label: text, figure });

const section = objectSchema(
  {
    view: one('section', 'front'),
    caption: saying,
    footnote: saying,
    extent: objectSchema({ left: number, right: number, top: number, bottom: number }),
    brokenBelow: yes,
    faces: one('down'),
    bodyTo: number,
    regions: list(
      objectSchema({ id: text, material: text, layer: whole, outline: points, volume: figure, throughMm: number }, ['layer', 'volume', 'throughMm']),
    ),
    lines: list(objectSchema({ id: text, line: one('crack', 'grind', 'film', 'cut'), points })),
    dimensions: list(objectSchema({ id: text, along: one('x', 'y'), from: ref('point'), to: ref('point'), figure, side: one('left', 'right', 'below') })),
    notes: list(objectSchema({ id: text, at: ref('point'), title: saying, detail: saying, tone: one('grind') }, ['detail', 'tone'])),
  },
  ['faces', 'bodyTo'],
);

const found = list(
  objectSchema({ field: text, sentence: list({ anyOf: [text, objectSchema({ value: number, kind: text, label: text }), objectSchema({ instant: when })] }) }),
);
const sense = objectSchema({ doubts: found, refused: found });

const surveyed = objectSchema(
  {
    size: saying,
    measured: list(ref('quantity')),
    seen: objectSchema(
      {
        outline: points,
        cutOuts: list(points),
        hollow: list(points),
        line: objectSchema({ lengthMm: number, stations: points }),
        width: figure,
        height: figure,
      },
      ['outline', 'cutOuts', 'hollow', 'line', 'width', 'height'],
    ),
    told: saying,
    cut: objectSchema({ length: figure, widest: figure, mean: figure, depth: figure, slab: figure }),
  },
  ['seen', 'told', 'cut'],
);

const answer = objectSchema(
  {
    value: text,
    label: text,
    asked: objectSchema({ of: one('defect', 'area'), field: text, options: list(objectSchema({ raw: text, value: text })) }),
  },
  ['asked'],
);

const optionalOfSubject = [
  'age',
  'movementToCome',
  'gap',
  'servesC',
  'standsUp',
  'wall',
  'openBehind',
  'softEdge',
  'woodMoisture',
  'flex',
  'widths',
  'length',
  'depth',
  'section',
];
const subject = objectSchema(
  {
    kind: text,
    surface: one('concrete', 'plaster', 'drywall', 'timber', 'tub'),
    title: text,
    answers: mapOf(answer),
    asked: list(one(...Object.keys(outcomes))),
    airC: figure,
    slabC: figure,
    humidity: figure,
    dewPoint: figure,
    dewMargin: figure,
    age: figure,
    movementToCome: figure,
    gap: figure,
    wall: figure,
    openBehind: yes,
    softEdge: yes,
    woodMoisture: figure,
    flex: figure,
    widths: saying,
    length: figure,
    depth: figure,
    section: figure,
  },
  optionalOfSubject,
);

const verdict = objectSchema(
  { rule: text, title: text, of: text, grade, value: figure, min: figure, max: figure, source: text, excess: number, reason: saying, change: saying },
  ['of', 'value', 'min', 'max', 'change'],
);

const size = objectSchema(
  {
    preparation: text,
    width: figure,
    depth: figure,
    extent: figure,
    void: figure,
    named: text,
    assumed: saying,
    refusedBecause: saying,
    limitedBecause: saying,
  },
  ['width', 'depth', 'extent', 'void', 'refusedBecause', 'limitedBecause'],
);

const candidate = objectSchema(
  {
    system: text,
    title: text,
    members: list(text),
    method: yes,
    grade,
    size,
    ready: figure,
    visits: figure,
    favored: text,
    against: list(text),
    verdicts: list(verdict),
  },
  ['members', 'size', 'ready', 'visits', 'favored'],
);

const school = objectSchema(
  {
    id: text,
    question: text,
    side: text,
    by: one('repair', 'firm', 'context'),
    because: text,
    barred: list(objectSchema({ when: mapOf(list(text)), side: text, why: text, source: text })),
    options: list(objectSchema({ id: text, taken: yes, total: figure, handsOn: figure, mixed: list(figure) }, ['total', 'handsOn', 'mixed'])),
  },
  ['because', 'barred', 'options'],
);

const lag: Schema = {
  anyOf: [
    objectSchema({ by: one('fixed'), minutes: figure }),
    objectSchema({ by: one('gel', 'window'), at23: figure, minutes: figure }),
    objectSchema({ by: one('film'), sheetMin: figure, minutes: figure }),
    objectSchema({ by: one('drying'), thicknessMm: figure, cover: figure, draft: figure, minutes: figure }),
    objectSchema(
      {
        by: one('progress'),
        at23: figure,
        cure: objectSchema({ by: one('arrhenius', 'equivalent-age', 'as-stated'), activation: ref('sourced') }, ['activation']),
        stopsBelow: ref('sourced'),
        minutes: figure,
      },
      ['stopsBelow'],
    ),
  ],
};

const range = objectSchema({ min: ref('sourced'), max: ref('sourced'), below: one('care') }, ['min', 'max', 'below']);

const effort: Schema = {
  anyOf: [
    objectSchema(
      {
        by: one('pace'),
        key: text,
        setUp: figure,
        pace: figure,
        per: one('m', 'm²', 'L', 'piece'),
        amount: figure,
        passes: figure,
        hands: figure,
        shared: yes,
      },
      ['passes'],
    ),
    objectSchema({ by: one('fixed'), minutes: figure }),
  ],
};

const handsOn = objectSchema(
  {
    efforts: list(effort),
    people: objectSchema({ least: whole, most: whole }),
    uses: list(objectSchema({ of: text, amount: figure })),
    wears: list(text),
    things: list(text),
    skills: list(objectSchema({ skill: one(...Object.keys(skills)), of: one('one', 'each') })),
    spread: objectSchema({ least: figure, most: figure }),
    interrupt: yes,
    makes: list(one('dust', 'noise', 'wet', 'fumes')),
    once: one('repair', 'area-day'),
    asks: objectSchema({ slabC: range, dewMargin: ref('sourced'), dry: yes }, ['dewMargin']),
  },
  ['asks'],
);

const limits = list(objectSchema({ what: text, is: one('most', 'least'), figure }));

const step = objectSchema(
  {
    id: text,
    builder: text,
    kind: one('work', 'wait', 'ready'),
    title: saying,
    detail: saying,
    look: saying,
    tools: list(text),
    sign: one('opens', 'clock', 'coat', 'flush'),
    handsOn,
    gives: list(one(...Object.keys(outcomes))),
    cleans: yes,
    straightOn: yes,
    soon: { enum: [true, 'at once'] },
    check: objectSchema({ done: text, limits, due: one('start', 'end') }),
    minutes: figure,
    startMin: number,
    endMin: number,
    start: when,
    end: when,
    section: objectSchema({ n: whole, of: whole }),
    lift: whole,
    latest: objectSchema({ at: when, ifMissed: saying }),
    plain: text,
  },
  ['section', 'lift', 'latest', 'plain', 'sign', 'gives', 'cleans', 'straightOn', 'soon', 'handsOn'],
);

const redo: Schema = {
  anyOf: [
    objectSchema({ again: text }),
    objectSchema({ builder: text, title: saying, detail: saying, look: saying, done: text, tools: list(text), plain: text, minutes: figure }, ['plain']),
  ],
};

const link = objectSchema(
  {
    from: text,
    after: one('start', 'end'),
    to: text,
    least: lag,
    most: objectSchema({ lag, ifMissed: saying, redo: list(redo) }),
  },
  ['least', 'most'],
);

const moment = objectSchema({ step: text, at: one('start', 'end'), later: lag }, ['later']);

const mix = objectSchema(
  {
    id: text,
    title: text,
    of: text,
    key: text,
    total: figure,
    ninth: figure,
    lost: figure,
    batches: figure,
    within: figure,
    gelAt23: figure,
    band: objectSchema({ least: figure, most: figure }, ['least']),
    parts: list(objectSchema({ what: text, role: text, amount: figure, each: figure, once: yes }, ['each', 'once'])),
    handling: objectSchema({ kind: text, by: one('weight', 'volume'), tolerance: figure, stir: figure, stand: figure, leastPart: figure, waste: text }, [
      'stir',
      'stand',
    ]),
    serves: list(text),
    says: list(saying),
    rounds: list(objectSchema({ title: saying, times: figure, parts: list(objectSchema({ what: text, amount: figure })) })),
    goes: list(objectSchema({ title: saying, parts: list(objectSchema({ what: text, amount: figure })) })),
    packs: list(ref('quantity')),
    running: list(ref('quantity')),
    choice: objectSchema({ field: text, title: text, value: text, options: list(objectSchema({ value: text, label: text })), says: saying }),
  },
  ['ninth', 'lost', 'within', 'gelAt23', 'band', 'goes', 'rounds', 'packs', 'running', 'choice'],
);

const chosenBy = one('choice', 'proposal');

const work = objectSchema(
  {
    system: text,
    by: chosenBy,
    reason: text,
    named: text,
    steps: list(step),
    links: list(link),
    quantities: list(ref('quantity')),
    mixes: list(mix),
    materials: list(objectSchema({ id: text, what: text, role: text, of: text, amount: figure }, ['of'])),
    marks: list(objectSchema({ is: one('dust', 'wet', 'vapor', 'water', 'closed'), from: moment, to: moment })),
    standing: list(objectSchema({ thing: text, from: moment, to: moment })),
    total: figure,
    handsOn: figure,
    inUse: figure,
    doneAt: when,
    openAt: when,
    cautions: list(objectSchema({ id: text, title: text, text: saying, steps: list(text), source: text })),
    section: ref('section'),
    more: list(ref('section')),
  },
  ['reason', 'more'],
);

const decision = objectSchema({ stop: text, who: text, capacity: text, what: text, on: { type: 'string', format: 'date' }, document: text }, ['document']);
const stop = objectSchema({ id: text, title: text, who: text, why: saying, source: text, liftedBy: one('decision', 'fact'), open: yes, decision }, [
  'decision',
]);

const head = {
  defect: objectSchema({ id: text, mark: text, kind: text }),
  area: objectSchema({ id: text, name: text }),
  sense: ref('sense'),
};

const planned = objectSchema(
  {
    state: one('planned'),
    ...head,
    surveyed: ref('surveyed'),
    subject,
    candidates: list(candidate),
    stops: list(stop),
    firsts: list(objectSchema({ id: text, title: text, who: text, what: saying, source: text })),
    held: yes,
    planned: objectSchema({ system: text, by: chosenBy, reason: text }, ['reason']),
    schools: list(school),
    work,
    problem: saying,
    section: ref('section'),
    advice: text,
    figures: list(ref('figureRow')),
  },
  ['planned', 'work', 'problem', 'section'],
);

const surveyedOnly = objectSchema(
  {
    state: one('surveyed'),
    ...head,
    missing: list(text),
    surveyed: ref('surveyed'),
    section: ref('section'),
    advice: text,
    figures: list(ref('figureRow')),
  },
  ['section'],
);

const incomplete = objectSchema({ state: one('incomplete'), ...head, missing: list(text) });

/** The JSON Schema of what `plan --json` writes: the plans of a job with all their workings. */
export function planSchema(): Schema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Oddment plans',
    description:
      'The plans of one job. Every figure of a plan stands once, in its table of figures, with its value in the base unit of its kind (see units) and its origin: a formula with the figures that went in, a measurement, or a source (see sources). Elsewhere a figure is a reference {"figure": "f12"}; a sentence is a list of words, such references and instants.',
    ...objectSchema({
      version: text,
      job: text,
      units: mapOf(text),
      sources: mapOf(text),
      plans: list({ anyOf: [planned, surveyedOnly, incomplete] }),
    }),
    $defs: {
      figureId: { type: 'string', pattern: '^f[1-9][0-9]*$' },
      figureRef: objectSchema({ figure: ref('figureId') }),
      saying: list({ anyOf: [text, ref('figureRef'), objectSchema({ instant: when })] }),
      point: { type: 'array', items: number, minItems: 2, maxItems: 2 },
      sourced: objectSchema({ value: number, kind: text, source: text, label: text, assumed: yes }, ['assumed']),
      figureRow,
      quantity,
      section,
      sense,
      surveyed,
    },
  };
}
