import type { AreaDays, DaysSetup, DueDate, PersonDays, Pin } from '@oddment/core';

/** A list with what is about one thing put in, or out where nothing is said of it any more. */
function about<T extends object>(list: readonly T[] | undefined, is: (one: T) => boolean, next: T, empty: readonly (keyof T)[]): readonly T[] {
  const rest = (list ?? []).filter((one) => !is(one));
  const said = Object.entries(next).some(([key, value]) => !empty.includes(key as keyof T) && (Array.isArray(value) ? value.length > 0 : value !== undefined));
  return said ? [...rest, next] : rest;
}

/** The setup with one of its lists, or without it where it is empty. */
function withList<K extends 'people' | 'areas' | 'dates' | 'notBefore' | 'pins' | 'wets'>(
  setup: DaysSetup,
  key: K,
  list: NonNullable<DaysSetup[K]>,
): DaysSetup {
  const { [key]: _before, ...rest } = setup;
  return (list as readonly unknown[]).length > 0 ? { ...rest, [key]: list } : rest;
}

const lean = <T extends object>(one: T): T => Object.fromEntries(Object.entries(one).filter(([, v]) => v !== undefined)) as T;

export const personOf = (setup: DaysSetup, person: string): PersonDays => setup.people?.find((p) => p.person === person) ?? { person };

export function withPerson(setup: DaysSetup, next: PersonDays): DaysSetup {
  return withList(
    setup,
    'people',
    about(setup.people, (p) => p.person === next.person, lean(next), ['person']),
  );
}

export const areaOf = (setup: DaysSetup, area: string): AreaDays => setup.areas?.find((a) => a.area === area) ?? { area };

/** Something of an area; undefined takes it out. */
export function withArea(setup: DaysSetup, area: string, patch: { readonly [K in keyof AreaDays]?: AreaDays[K] | undefined }): DaysSetup {
  const next = lean({ ...areaOf(setup, area), ...patch }) as AreaDays;
  return withList(
    setup,
    'areas',
    about(setup.areas, (a) => a.area === area, next, ['area']),
  );
}

/** The date of a defect, or of the whole job; an empty one takes it out. */
export function withDue(setup: DaysSetup, defect: string | undefined, date: string): DaysSetup {
  const rest = (setup.dates ?? []).filter((d) => d.defect !== defect);
  const next: DueDate = { ...(defect !== undefined && { defect }), date };
  return withList(setup, 'dates', date === '' ? rest : [...rest, next]);
}

export const dueOf = (setup: DaysSetup, defect: string | undefined): string => setup.dates?.find((d) => d.defect === defect)?.date ?? '';

/** The date before which nothing of a defect is begun; an empty one takes it out. */
export function withNotBefore(setup: DaysSetup, defect: string, date: string): DaysSetup {
  const rest = (setup.notBefore ?? []).filter((d) => d.defect !== defect || d.step !== undefined);
  return withList(setup, 'notBefore', date === '' ? rest : [...rest, { defect, date }]);
}

export const notBeforeOf = (setup: DaysSetup, defect: string): string => setup.notBefore?.find((d) => d.defect === defect && d.step === undefined)?.date ?? '';

/** How many there are of a thing; nothing goes back to the usual. */
export function withThing(setup: DaysSetup, thing: string, count: number | undefined): DaysSetup {
  const { things = {}, ...rest } = setup;
  const next = Object.fromEntries([...Object.entries(things).filter(([id]) => id !== thing), ...(count === undefined ? [] : [[thing, count] as const])]);
  return Object.keys(next).length > 0 ? { ...rest, things: next } : rest;
}

const isOf = (pin: Pick<Pin, 'defect' | 'step'>) => (one: Pin) => one.defect === pin.defect && one.step === pin.step;

export function withPin(setup: DaysSetup, pin: Pin): DaysSetup {
  return withList(setup, 'pins', [...(setup.pins ?? []).filter((p) => !isOf(pin)(p)), pin]);
}

export function withoutPin(setup: DaysSetup, pin: Pick<Pin, 'defect' | 'step'>): DaysSetup {
  return withList(
    setup,
    'pins',
    (setup.pins ?? []).filter((p) => !isOf(pin)(p)),
  );
}

/** Somebody is away on a date: all of it, or from one time to another. */
export function withAway(setup: DaysSetup, person: string, date: string, hours?: { readonly from: string; readonly to: string }): DaysSetup {
  const now = personOf(setup, person);
  if (!hours) return withPerson(setup, { ...now, off: [...new Set([...(now.off ?? []), date])].sort() });
  return withPerson(setup, { ...now, away: [...(now.away ?? []).filter((a) => a.date !== date), { date, ...hours }] });
}

/** The setup with who comes on a date to keep something wet; nobody where empty. */
export function withWets(setup: DaysSetup, defect: string, date: string, person: string): DaysSetup {
  const rest = (setup.wets ?? []).filter((w) => w.defect !== defect || w.date !== date);
  return withList(setup, 'wets', person === '' ? rest : [...rest, { defect, date, person }]);
}

/** The place of the forecast; none where empty. */
export function withForecast(setup: DaysSetup, place: string): DaysSetup {
  const { forecast: _before, ...rest } = setup;
  return place === '' ? rest : { ...rest, forecast: place };
}

/** The rain of a forecast over areas outside; what was said of the dates behind its end stays. */
export function withRain(setup: DaysSetup, areas: readonly string[], rain: NonNullable<AreaDays['rain']>, lastDate: string): DaysSetup {
  return areas.reduce((now, area) => {
    const later = (areaOf(now, area).rain ?? []).filter((r) => r.date > lastDate);
    const all = [...rain, ...later];
    return withArea(now, area, { rain: all.length > 0 ? all : undefined });
  }, setup);
}

/** What is said of the days besides what is usual, in a few words; nothing where all is usual. */
export function saidWords({ people = [], things = {}, areas = [], dates = [], notBefore = [], pins = [], hours }: DaysSetup): string {
  const of = (count: number, one: string, many: string) => (count === 0 ? [] : [`${String(count)} ${count === 1 ? one : many}`]);
  return [
    ...(hours ? ['own hours'] : []),
    ...of(people.length, 'person', 'people'),
    ...of(Object.keys(things).length, 'thing', 'things'),
    ...of(areas.length, 'area', 'areas'),
    ...of(dates.length, 'date', 'dates'),
    ...of(notBefore.length, 'release', 'releases'),
    ...of(pins.length, 'set by hand', 'set by hand'),
  ].join(', ');
}
