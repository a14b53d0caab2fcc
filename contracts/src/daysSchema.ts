import { daysFormat } from '@oddment/core';
import { objectSchema, type Schema } from './schema.ts';

const text: Schema = { type: 'string' };
const minutes: Schema = { type: 'integer', minimum: 0, description: 'minutes' };
const whole: Schema = { type: 'integer', minimum: 0 };
const share: Schema = { type: 'number', minimum: 0, maximum: 1 };
const when: Schema = { type: 'string', format: 'date-time' };
const date: Schema = { type: 'string', format: 'date' };
const list = (items: Schema): Schema => ({ type: 'array', items });
const chance: Schema = { enum: ['likely', 'tight', 'no'] };

const standing = { mark: text, place: text, title: text, from: when, to: when };

const block = objectSchema(
  {
    id: { type: 'string', description: 'mark of the repair and step of its method; the same when it is planned again' },
    mark: text,
    place: text,
    title: text,
    from: { ...when, description: 'getting there, covering, set-up and mixing begin' },
    start: { ...when, description: 'its work begins' },
    end: when,
    walkMin: minutes,
    setUpMin: minutes,
    mixMin: minutes,
    mix: { ...text, description: 'what is mixed before it, for what others together with it; or whose batch it is placed out of' },
    coverMin: minutes,
    awayMin: minutes,
    beside: list(text),
    why: text,
    pinned: { const: true, description: 'set there by hand' },
    done: { const: true, description: 'over already, with its real times' },
    latest: { ...when, description: 'it must have begun by then' },
    opens: { ...when, description: 'it could begin from then on' },
    asks: objectSchema(
      {
        leastC: { type: 'number', description: 'of the ground, °C' },
        mostC: { type: 'number', description: 'of the ground, °C' },
        dewMarginK: { type: 'number', description: 'ground over dew point, K' },
        electric: { const: true, description: 'nothing is placed, but it is done with electric tools' },
        after: objectSchema({ dryMin: minutes, noFrostMin: minutes }),
      },
      ['leastC', 'mostC', 'dewMarginK', 'electric'],
    ),
  },
  ['asks', 'mix', 'why', 'pinned', 'done', 'latest', 'opens'],
);

/** The JSON Schema of the days of a job, as `./oddment days --json` prints them. */
export function daysSchema(): Schema {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Oddment days',
    description: 'Who does what when over all repairs of a job: moments as instants, minutes as whole numbers, sentences in the units that were asked for.',
    ...objectSchema(
      {
        format: { const: daysFormat.format },
        version: { const: daysFormat.version },
        core: text,
        job: text,
        aim: { enum: ['finish', 'visits', 'date'] },
        seed: whole,
        rounds: whole,
        startAt: when,
        timeZone: text,
        doneAt: when,
        visits: whole,
        bound: objectSchema({ at: when, says: text }),
        days: list(
          objectSchema({
            date,
            people: list(
              objectSchema(
                {
                  person: text,
                  name: text,
                  blocks: list(block),
                  take: objectSchema(
                    {
                      tools: list(text),
                      stuff: list({ ...text, description: 'of which repair, what, how much' }),
                      wear: { ...text, description: 'for stone dust, by all such work of the day together' },
                    },
                    ['wear'],
                  ),
                  idle: list(objectSchema({ from: when, to: when, minutes, why: text }, ['why'])),
                  elsewhere: list(objectSchema({ site: text, from: when, to: when })),
                  lastMix: objectSchema({
                    mark: text,
                    title: text,
                    by: { ...when, description: 'mixing begins by then, so that all after it fits into his hours' },
                  }),
                },
                ['elsewhere', 'lastMix'],
              ),
            ),
          }),
        ),
        stands: list(objectSchema({ ...standing, title: { ...text, description: 'what stands there' } })),
        wet: list(
          objectSchema({
            ...standing,
            defect: text,
            by: list(objectSchema({ date, person: text, name: text })),
            nobody: { ...list(date), description: 'dates on which nobody is there for it' },
          }),
        ),
        moments: list(objectSchema({ mark: text, title: text, at: when })),
        leftOut: list(objectSchema({ mark: text, why: text })),
        failing: list(objectSchema({ mark: text, why: text, due: when, ends: when }, ['due', 'ends'])),
        contradiction: text,
        chances: objectSchema({ runs: whole, dates: list(objectSchema({ mark: text, chance, share })), windows: chance, ninth: when, weakest: text }, [
          'ninth',
          'weakest',
        ]),
        ways: list(objectSchema({ id: text, says: text, comes: text })),
        repairs: list(objectSchema({ id: text, mark: text, place: text, system: text })),
      },
      ['contradiction', 'chances'],
    ),
  };
}
