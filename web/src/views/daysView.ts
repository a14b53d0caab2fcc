import { clockTime, dayName, siteDateTime, stepOf, type DaysRecord, type Pin, type RoomTold } from '@oddment/core';

type Block = DaysRecord['days'][number]['people'][number]['blocks'][number];

/** One thing that somebody does, with who does it. */
export interface Doing extends Block {
  readonly who: string;
  readonly date: string;
  /** which of the crew, from nothing on */
  readonly person: number;
}

/** A bar of a lane. Places are shares of the day's width, in percent. */
export interface Bar {
  readonly doing: Doing;
  readonly left: number;
  readonly width: number;
  /** of that what goes before its work begins */
  readonly before: number;
  readonly label: string;
  /** which row of its lane, from nothing on: what is done at once, or right after something short, goes below */
  readonly row: number;
  readonly window?: { readonly left: number; readonly right: number };
}

export interface Lane {
  readonly key: string;
  readonly name: string;
  readonly sub: string;
  readonly bars: readonly Bar[];
  readonly rows: number;
  readonly waits: readonly { readonly left: number; readonly width: number }[];
}

/** A day as lanes. */
export interface DayLanes {
  /** where a moment in ms lies over the width, in percent; and the moment at a place of it */
  readonly at: (moment: number) => number;
  readonly momentAt: (place: number) => number;
  /** days side by side: nights have no width */
  readonly weeks: boolean;
  /** the stretches of time that are drawn, in ms: hours of a day, or days side by side */
  readonly spans: readonly { readonly from: number; readonly to: number }[];
  readonly hours: readonly { readonly left: number; readonly label: string }[];
  readonly lanes: readonly Lane[];
  /** how many are at it at once, over the day */
  readonly busy: readonly { readonly left: number; readonly width: number; readonly count: number }[];
  readonly most: number;
}

const hourMs = 3_600_000;
const ms = (moment: string) => Date.parse(moment);

/** How many times as wide as there is room for lanes may be drawn. */
export const zooms = [1, 2, 4] as const;

/** All days side by side, instead of one of them. */
export const allDays = 'all';

/** What is done on a day, or on all of them, each once for each person. */
export function doingsOf(record: DaysRecord, date: string): readonly Doing[] {
  const crew = [...new Set(record.days.flatMap((d) => d.people.map((p) => p.name)))];
  return record.days
    .filter((d) => date === allDays || d.date === date)
    .flatMap((d) => d.people.flatMap((p) => p.blocks.map((b): Doing => ({ ...b, who: p.name, date: d.date, person: crew.indexOf(p.name) }))));
}

/** Where a moment lies over the width, in percent, and what is written along it. */
type Axis = Pick<DayLanes, 'at' | 'momentAt' | 'weeks' | 'spans' | 'hours'> & { readonly from: number; readonly to: number };

function dayAxis(record: DaysRecord, all: readonly Doing[]): Axis {
  const from = Math.floor(Math.min(...all.map((d) => ms(d.from))) / hourMs) * hourMs;
  const to = Math.ceil(Math.max(...all.map((d) => ms(d.end) + d.awayMin * 60_000)) / hourMs) * hourMs;
  const at = (moment: number) => ((Math.min(Math.max(moment, from), to) - from) / (to - from)) * 100;
  const hours = Array.from({ length: Math.round((to - from) / hourMs) + 1 }, (_v, i) => {
    const moment = new Date(from + i * hourMs).toISOString();
    return { left: at(from + i * hourMs), label: clockTime(moment, { timeZone: record.timeZone, day: moment }) };
  });
  const spans = hours.slice(1).map((_h, i) => ({ from: from + i * hourMs, to: from + (i + 1) * hourMs }));
  return { from, to, at, momentAt: (place) => from + (Math.min(Math.max(place, 0), 100) / 100) * (to - from), weeks: false, spans, hours };
}

/** A day as short as it goes over a narrow column: its weekday and number. */
function shortDay(moment: string, timeZone: string): string {
  const [weekday = '', date = ''] = dayName(moment, timeZone).split(', ');
  return `${weekday} ${date.replace(/^\D+/, '')}`;
}

/** Of the width of a day, where days stand side by side, what is left beside the gap to the next. */
const usedOfDay = 0.94;

/** Days that are worked side by side, each as wide as another: nights, and days on which nobody comes, have no width. */
function weeksAxis(record: DaysRecord, zoom: number): Axis {
  const days = record.days.map((d) => dayAxis(record, doingsOf(record, d.date)));
  const wide = 100 / Math.max(1, days.length);
  // many days have no room for a name each
  const every = Math.ceil(days.length / (10 * zoom));
  return {
    from: 0,
    to: Number.POSITIVE_INFINITY,
    weeks: true,
    spans: days.map(({ from, to }) => ({ from, to })),
    momentAt: (place) => {
      const n = Math.min(days.length - 1, Math.max(0, Math.floor(place / wide)));
      return days[n]?.momentAt(((place - n * wide) / (wide * usedOfDay)) * 100) ?? 0;
    },
    at: (moment) => {
      const n = Math.max(
        0,
        days.findLastIndex((d) => d.from <= moment),
      );
      return n * wide + ((days[n]?.at(moment) ?? 0) / 100) * wide * usedOfDay;
    },
    hours: record.days.map((d, i) => ({
      left: (i * 100) / days.length,
      label: i % every === 0 ? shortDay(d.people[0]?.blocks[0]?.from ?? record.startAt, record.timeZone) : '',
    })),
  };
}

/** A name as short as it goes onto a bar. */
const initial = (name: string) => name.replace(/^Person /, '').slice(0, 1);

/** The least that a bar is drawn wide, in percent. */
const leastWidth = 1.2;

/** Bars in rows, each in the first in which it covers none. */
function inRows(bars: readonly Omit<Bar, 'row'>[]): Bar[] {
  const ends: number[] = [];
  return bars.map((b) => {
    const free = ends.findIndex((end) => end <= b.left + 1e-9);
    const row = free < 0 ? ends.length : free;
    ends[row] = b.left + Math.max(b.width, leastWidth);
    return { ...b, row };
  });
}

/** The bar that a place in a lane belongs to: the one under it, else the nearest. */
export function barAt(bars: readonly Bar[], place: number): Bar | undefined {
  const away = (b: Bar) => Math.max(0, b.left - place, place - b.left - Math.max(b.width, leastWidth));
  return bars.reduce<Bar | undefined>((best, b) => (!best || away(b) < away(best) ? b : best), undefined);
}

/** The bar right under a place in a lane, with a little around it for a finger; nothing where there is none. */
export function barUnder(bars: readonly Bar[], place: number): Bar | undefined {
  const near = barAt(bars, place);
  return near && place >= near.left - 0.4 && place <= near.left + Math.max(near.width, leastWidth) + 0.4 ? near : undefined;
}

/** The lanes of a day, by repair or by person. */
export function dayLanes(record: DaysRecord, date: string, by: 'repair' | 'person', zoom = 1): DayLanes {
  const all = doingsOf(record, date);
  if (all.length === 0) return { at: () => 0, momentAt: () => 0, weeks: false, spans: [], hours: [], lanes: [], busy: [], most: 0 };
  const { to, at, momentAt, weeks, spans, hours } = date === allDays ? weeksAxis(record, zoom) : dayAxis(record, all);
  const bar = (doing: Doing): Omit<Bar, 'row'> => {
    const [left, right] = [at(ms(doing.from)), at(ms(doing.end) + doing.awayMin * 60_000)];
    return {
      doing,
      left,
      width: right - left,
      before: at(ms(doing.start)) - left,
      label: by === 'repair' ? initial(doing.who) : doing.mark,
      ...(doing.latest !== undefined &&
        doing.opens !== undefined &&
        date !== allDays &&
        ms(doing.latest) <= to && { window: { left: at(ms(doing.opens)), right: at(ms(doing.latest)) } }),
    };
  };
  const lane = (key: string, name: string, sub: string, own: readonly Doing[]): Lane => {
    const sorted = [...own].sort((a, b) => ms(a.from) - ms(b.from));
    const waits = sorted.slice(1).flatMap((d, i) => {
      const end = Math.max(...sorted.slice(0, i + 1).map((o) => ms(o.end)));
      return ms(d.from) > end ? [{ left: at(end), width: at(ms(d.from)) - at(end) }] : [];
    });
    // one person does one thing at a time: his lane is one row
    // over all days things are too narrow to lie below each other: they cover each other a little
    const bars = by === 'person' || date === allDays ? sorted.map((d) => ({ ...bar(d), row: 0 })) : inRows(sorted.map(bar));
    return { key, name, sub, bars, rows: Math.max(1, ...bars.map((b) => b.row + 1)), waits };
  };
  const crew = [...new Set(all.map((d) => d.who))];
  const lanes =
    by === 'person'
      ? crew.map((who) =>
          lane(
            who,
            who,
            '',
            all.filter((d) => d.who === who),
          ),
        )
      : record.repairs.flatMap((r) => {
          const own = all.filter((d) => d.mark === r.mark);
          return own.length === 0 ? [] : [lane(r.id, r.mark, `${r.place}, ${r.system.toLowerCase()}`, own)];
        });
  const edges = [...new Set(all.flatMap((d) => [ms(d.from), ms(d.end)]))].sort((a, b) => a - b);
  const busy = edges.slice(1).map((to, i) => {
    const from = edges[i] ?? to;
    return { left: at(from), width: at(to) - at(from), count: new Set(all.filter((d) => ms(d.from) < to && ms(d.end) > from).map((d) => d.who)).size };
  });
  return { at, momentAt, weeks, spans, hours, lanes, busy, most: Math.max(crew.length, ...busy.map((b) => b.count)) };
}

/** Stretches of starts as shares of the width of a day, in percent. */
export function roomBands({ at }: Pick<DayLanes, 'at'>, here: RoomTold['here']): readonly { readonly left: number; readonly width: number }[] {
  return here.map((h) => ({ left: at(ms(h.from)), width: Math.max(at(ms(h.to)) - at(ms(h.from)), 0.5) }));
}

/** Minutes between starts that are moved to by hand: over one day, and over days side by side. */
export const handStepMin = { day: 5, weeks: 30 } as const;

/** A moment that something is pulled to: as far as a share of the width, to a step. */
export function pulledTo({ at, momentAt, weeks }: Pick<DayLanes, 'at' | 'momentAt' | 'weeks'>, start: string, share: number): string {
  if (share === 0) return start;
  const step = (weeks ? handStepMin.weeks : handStepMin.day) * 60_000;
  return new Date(Math.round(momentAt(at(ms(start)) + share * 100) / step) * step).toISOString();
}

/** Where now is over the width, in percent; nothing where it is not drawn. */
export function nowAt({ at, spans }: Pick<DayLanes, 'at' | 'spans'>, now: string): number | undefined {
  return spans.some((s) => s.from <= ms(now) && s.to >= ms(now)) ? at(ms(now)) : undefined;
}

/** The ids of those who are at something on a day, who covers first. */
export function crewAt(record: DaysRecord, date: string, id: string): readonly string[] {
  const people = record.days.find((d) => d.date === date)?.people.filter((p) => p.blocks.some((b) => b.id === id)) ?? [];
  const covers = (p: (typeof people)[number]) => (p.blocks.some((b) => b.id === id && (b.coverMin > 0 || b.awayMin > 0)) ? 0 : 1);
  return [...people].sort((a, b) => covers(a) - covers(b)).map((p) => p.person);
}

/** Something as it is set by hand: at a moment, by people. */
export function pinAt(record: DaysRecord, doing: Pick<Block, 'id' | 'mark'>, at: string, people: readonly string[]): Pin {
  return { ...stepOf(record, doing), ...siteDateTime(at, record.timeZone), people };
}

/** What stands elsewhere, or with others, in one record than in another: at which start with whom then, and now; nothing where it is in only one of them. */
export interface Moved {
  readonly id: string;
  readonly mark: string;
  readonly title: string;
  readonly then?: { readonly start: string; readonly who: string };
  readonly now?: { readonly start: string; readonly who: string };
}

/** What stands elsewhere, in the order of when it stood or stands. */
export function movedThings(then: DaysRecord, now: DaysRecord): readonly Moved[] {
  const places = (record: DaysRecord) => {
    const out = new Map<string, { readonly mark: string; readonly title: string; readonly start: string; readonly who: string[] }>();
    for (const d of record.days)
      for (const p of d.people)
        for (const b of p.blocks) {
          const known = out.get(b.id);
          if (known) known.who.push(p.name);
          else out.set(b.id, { mark: b.mark, title: b.title, start: b.start, who: [p.name] });
        }
    return out;
  };
  const [a, b] = [places(then), places(now)];
  const at = (one: { readonly start: string; readonly who: readonly string[] }) => ({ start: one.start, who: [...one.who].sort().join(' and ') });
  return [...new Set([...a.keys(), ...b.keys()])]
    .flatMap((id): Moved[] => {
      const [was, is] = [a.get(id), b.get(id)];
      const [from, to] = [was && at(was), is && at(is)];
      if (from?.start === to?.start && from?.who === to?.who) return [];
      return [{ id, mark: (is ?? was)?.mark ?? '', title: (is ?? was)?.title ?? '', ...(from && { then: from }), ...(to && { now: to }) }];
    })
    .sort((x, y) => Date.parse((x.then ?? x.now)?.start ?? '') - Date.parse((y.then ?? y.now)?.start ?? ''));
}

/** How many things stand elsewhere, or with others, in one record than in another; what is in only one of them counts too. */
export const movedSince = (then: DaysRecord, now: DaysRecord): number => movedThings(then, now).length;

/** The days of a record, to choose one of: its date, its name, and how much of its hours hands are busy, in person-hours. */
export function dayChoices(record: DaysRecord): readonly { readonly date: string; readonly name: string; readonly hours: string }[] {
  return record.days.map((d) => {
    const blocks = d.people.flatMap((p) => p.blocks);
    const minutes = blocks.reduce((sum, b) => sum + (ms(b.end) - ms(b.from)) / 60_000 + b.awayMin, 0);
    return { date: d.date, name: dayName(blocks[0]?.from ?? record.startAt, record.timeZone), hours: (minutes / 60).toFixed(1) };
  });
}

/** A moment as day and time at the site. */
export function dayAndTime(moment: string, timeZone: string): string {
  return `${dayName(moment, timeZone)}, ${clockTime(moment, { timeZone, day: moment })}`;
}
