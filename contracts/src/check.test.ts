import { unnamed } from '@oddment/core';
import fc from 'fast-check';
import { defectKinds } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { FirstAccountBody, HouseRulesBody, SignInBody } from './accounts.ts';
import { check } from './check.ts';
import { ChangeDefectBody, NewAreaBody, NewDefectBody, NewJobBody, VersionBody } from './job.ts';

const id = '3f0f9d6e-1111-4222-8333-444455556666';
const at = '2026-06-01T12:00:00Z';
const job = { id, change: id, site: 'Site', client: '', timeZone: 'Europe/Paris', units: 'metric', startAt: '2026-06-02T05:00:00Z', crew: unnamed(2) };
const area = { id, change: id, name: 'Hall', facts: { airC: { value: 17, how: 'measured', at } } };
const defect = {
  id,
  change: id,
  kind: 'slab-crack',
  mark: 'PS-01',
  facts: { lengthMm: { value: 4200, how: 'measured', at, text: '4.2 m' } },
  confirmed: [],
  decisions: [],
};

function problems<T extends object>(contract: new () => T, input: unknown) {
  const checked = check(contract, input);
  return checked.ok ? [] : checked.problems.map((p) => `${p.path}: ${p.message}`);
}

describe('check', () => {
  it.each([
    ['a job', NewJobBody, job],
    ['an area', NewAreaBody, area],
    ['a defect', NewDefectBody, defect],
    [
      'a defect with all its parts',
      ChangeDefectBody,
      {
        ...defect,
        id: undefined,
        version: 3,
        choice: { system: 'rapid-crack-resin', reason: 'so' },
        schools: { 'chase-depth': 'deep' },
        sand: 'two',
        note: 'n',
        decisions: [{ stop: 'step', who: 'R. E.', capacity: 'engineer', what: 'fill it', on: '2026-05-20' }],
      },
    ],
    ['a sign-in', SignInBody, { login: 'a', password: 'b' }],
    ['a first account', FirstAccountBody, { firm: 'F', name: 'N', login: 'owner', password: 'long enough' }],
    [
      'house rules',
      HouseRulesBody,
      {
        change: id,
        version: 1,
        schools: { 'chase-depth': 'deep' },
        rates: { chasePace: 2 },
        labor: { perHour: 50, currency: 'EUR', since: '2026-01-01' },
        hours: { from: '06:30', to: '15:00', pause: { from: '11:00', to: '11:30' }, days: [1, 2, 3, 4, 5, 6] },
      },
    ],
    ['a version', VersionBody, { change: id, version: 1 }],
  ])('takes %s', (_what, contract, input) => {
    expect(problems(contract as new () => object, JSON.parse(JSON.stringify(input)))).toEqual([]);
  });

  it.each<[string, new () => object, object, string]>([
    ['an unknown field', NewJobBody, { ...job, admin: true }, "admin: There is no field 'admin' here."],
    ['an unknown fact', NewAreaBody, { ...area, facts: { windKmh: {} } }, "facts/windKmh: There is no field 'windKmh' here."],
    [
      'a fact that cannot be',
      NewAreaBody,
      { ...area, facts: { airC: { value: 99, how: 'measured', at } } },
      'facts/airC: Air: 99 °C cannot be. It must lie between -20 °C and 50 °C.',
    ],
    [
      'a clock time that is none',
      HouseRulesBody,
      { change: id, version: 1, schools: {}, hours: { from: '7', to: '15:00', days: [1] } },
      'hours/from: The beginning of the day must be a clock time, such as 07:00.',
    ],
    [
      'a day that is none',
      HouseRulesBody,
      { change: id, version: 1, schools: {}, hours: { from: '07:00', to: '15:00', days: [8] } },
      'hours/days: The days that are worked must be numbers, Monday 1 to Sunday 7.',
    ],
    ['a missing text', NewJobBody, { ...job, site: '' }, 'site: The site needs 1 to 120 characters.'],
    ['a text that is none', NewJobBody, { ...job, site: 7 }, 'site: The site must be text.'],
    [
      'a time zone that is none',
      NewJobBody,
      { ...job, timeZone: 'Mars/North' },
      'timeZone: The time zone must be a name such as Europe/Paris or America/Chicago.',
    ],
    [
      'a moment without zone',
      NewJobBody,
      { ...job, startAt: '2026-06-02T05:00:00' },
      'startAt: The start of the work needs its time zone, such as the Z in 2026-06-02T07:00:00Z.',
    ],
    ['nobody', NewJobBody, { ...job, crew: [] }, 'crew: The crew needs at least one.'],
    ['two persons of one id', NewJobBody, { ...job, crew: [...unnamed(1), ...unnamed(1)] }, 'crew: The crew: two have the same id; each needs one of its own.'],
    [
      'a skill that there is not',
      NewJobBody,
      { ...job, crew: [{ id: 'a', name: 'Ada', skills: ['flying'] }] },
      'crew/0/skills: What a person may do must be any of respirator, overhead.',
    ],
    ['an id that is none', NewJobBody, { ...job, id: '1' }, 'id: An id must be a UUID.'],
    ['a version past every number', VersionBody, { change: id, version: 1668331823341681 }, 'version: There is no such version.'],
    ['a character that cannot be kept', NewJobBody, { ...job, site: 'Mill\u0000Lane' }, 'site: The site holds a character that cannot be kept.'],
    ['half a surrogate pair', NewJobBody, { ...job, client: 'a\ud800b' }, 'client: The client holds a character that cannot be kept.'],
    ['a version below one', VersionBody, { change: id, version: 0 }, 'version: Versions start at 1.'],
    [
      'a kind that is none',
      NewDefectBody,
      { ...defect, kind: 'hole', facts: {} },
      `kind: The kind must be one of ${defectKinds()
        .map((k) => k.id)
        .join(', ')}.`,
    ],
    ['a choice without system', NewDefectBody, { ...defect, choice: { reason: 'x' } }, 'choice/system: The system must be text.'],
    [
      'a decision by nobody',
      NewDefectBody,
      { ...defect, decisions: [{ stop: 'step', who: '', capacity: 'engineer', what: 'fill it', on: '2026-05-20' }] },
      'decisions/0/who: Who decided needs 2 to 120 characters.',
    ],
    [
      'a decision on no day',
      NewDefectBody,
      { ...defect, decisions: [{ stop: 'step', who: 'R. E.', capacity: 'engineer', what: 'fill it', on: 'Tuesday' }] },
      'decisions/0/on: When it was decided must be a date, such as 2026-06-02.',
    ],
    ['a short password', FirstAccountBody, { firm: 'F', name: 'N', login: 'owner', password: 'short' }, 'password: The password needs 10 to 200 characters.'],
    ['facts that are missing', NewAreaBody, { ...area, facts: undefined }, 'facts: The facts must be an object, if an empty one.'],
  ])('refuses %s with path and sentence', (_what, contract, input, wanted) => {
    expect(problems(contract, JSON.parse(JSON.stringify(input)))).toContain(wanted);
  });

  it.each([[null], [undefined], ['text'], [7], [[]]])('refuses %j, which is no object', (input) => {
    expect(problems(NewJobBody, input)).toEqual([': A JSON object is expected here.']);
  });

  it('never throws, whatever comes over the wire', () => {
    const contracts = [NewJobBody, NewAreaBody, NewDefectBody, SignInBody, VersionBody] as readonly (new () => object)[];
    fc.assert(
      fc.property(fc.constantFrom(...contracts), fc.object({ maxDepth: 3 }), (contract, input) => {
        expect(check(contract, input).ok).toBe(false);
      }),
    );
    fc.assert(
      fc.property(fc.jsonValue(), (facts) => {
        expect(() => check(NewDefectBody, { ...defect, facts })).not.toThrow();
      }),
    );
  });
});
