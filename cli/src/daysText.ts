import {
  beforeWork,
  chanceWords,
  clockTime,
  dayName,
  dayWear,
  outsideMarks,
  tell,
  type DayBlock,
  type DaysMade,
  type Job,
  type PersonDay,
  type Saying,
  type Telling,
} from '@oddment/core';

const rule = '-'.repeat(72);

/** A line of somebody's day, and why it stands there where that is not plain. */
function blockLines(b: DayBlock, how: Telling): string[] {
  const at = (moment: string) => clockTime(moment, { ...how, day: b.from });
  const before = beforeWork(b);
  const notes = [
    ...(before === '' ? [] : [`${before}, begins ${at(b.start)}`]),
    ...(b.mix ? [tell(b.mix, how)] : []),
    ...(b.beside.length > 0 ? [`with ${b.beside.join(' and ')}`] : []),
    ...(b.latest !== undefined ? [`begun by ${at(b.latest)} at the latest`] : []),
    ...(b.awayMin > 0 ? [`then clear ${b.place} away, ${String(b.awayMin)} min`] : []),
    ...(b.why ? [tell(b.why, how)] : []),
  ];
  return [`    ${at(b.from)} to ${at(b.end)}  ${b.mark}  ${tell(b.title, how)}`, ...notes.map((n) => `                    ${n}`)];
}

function personLines({ name, blocks, idle }: PersonDay, how: Telling, wear: Saying | undefined): string[] {
  let place = '';
  const lines = blocks.flatMap((b) => {
    const head = b.place === place ? [] : [`   ${b.place}`];
    place = b.place;
    const waits = idle
      .filter((i) => i.to === b.from)
      .map(
        (i) =>
          `    ${clockTime(i.from, { ...how, day: b.from })} to ${clockTime(i.to, { ...how, day: b.from })}  nothing to do for ${String(i.minutes)} min${i.why ? `: ${tell(i.why, how)}` : ''}`,
      );
    return [...waits, ...head, ...blockLines(b, how)];
  });
  return [`  ${name}`, ...(wear ? [`   ${tell(wear, how)}`] : []), ...lines];
}

const aims = { finish: 'as early as can be', visits: 'on as few days as can be', date: 'by its dates, with room left in its windows' } as const;

/** The days of a job as text: by day and person, with why, what holds for every plan, and the ways out. */
export function daysText(job: Job, made: DaysMade, aim: keyof typeof aims, how: Telling): string {
  const { plan, ways } = made;
  const outside = outsideMarks(job);
  const when = (moment: string) => `${dayName(moment, how.timeZone)}, ${clockTime(moment, { ...how, day: moment })}`;
  const anyDay: Telling = { ...how };
  const far = (saying: Parameters<typeof tell>[0]) => tell(saying, { ...anyDay, day: '1970-01-01T12:00:00Z' });
  const days = String(plan.visits);
  const nothing = plan.days.length === 0;
  return `${[
    `${job.site}, ${job.client}`,
    nothing ? 'Nothing has a place in its days.' : `Done ${when(plan.doneAt)}, on ${days} ${plan.visits === 1 ? 'day' : 'days'} of work, ${aims[aim]}.`,
    ...(nothing ? [] : [far(plan.bound.says)]),
    ...plan.failing.map((f) => `NOT DONE  ${f.mark}: ${tell(f.why, how)}`),
    ...(plan.contradiction ? [far(plan.contradiction)] : []),
    ...(plan.chances
      ? [
          ...plan.chances.dates.map((d) => `${d.mark}: that its date is kept is ${chanceWords[d.chance]}.`),
          ...(plan.chances.weakest ? [`That its windows hold is ${chanceWords[plan.chances.windows]}; the weakest is ${far(plan.chances.weakest)}.`] : []),
        ]
      : []),
    ...(ways.length > 0 ? ['', 'Ways out, each tried', ...ways.map((w) => `  ${far(w.says)}: ${far(w.comes)}.`)] : []),
    ...plan.days.flatMap((d) => {
      const noon = d.people[0]?.blocks[0]?.from ?? plan.doneAt;
      return ['', rule, dayName(noon, how.timeZone), ...d.people.flatMap((p) => personLines(p, { ...how, day: noon }, dayWear(made, outside, p.blocks)))];
    }),
    ...(plan.moments.length > 0 ? ['', rule, 'From then on', ...plan.moments.map((m) => `  ${when(m.at)}  ${m.mark}  ${tell(m.title, how)}`)] : []),
    ...(plan.leftOut.length > 0 ? ['', rule, 'Not in these days', ...plan.leftOut.map((l) => `  ${l.mark}: ${tell(l.why, how)}`)] : []),
  ].join('\n')}\n`;
}
