import {
  areaWords,
  saidStarts,
  mixLines,
  cautionsOn,
  answersSentence,
  cite,
  clockTime,
  dayName,
  firstsTitle,
  isOtherWork,
  kindOf,
  noWorkWords,
  sheetOf,
  takenAlong,
  show,
  type Candidate,
  type Job,
  type PlannedPlan,
  type PlannedWork,
  type RepairPlan,
  type Saying,
  type Telling,
} from '@oddment/core';

const rule = '-'.repeat(72);
/** how many of those ruled out are told with their reason, beside what was chosen */
const told = 6;

interface Words {
  readonly how: Telling;
  readonly text: (s: Saying) => string;
}

const gradeWords = { fits: 'fits', care: 'with care', out: 'ruled out' } as const;

/** The systems in their order: those that fit, those ruled out nearest, and what was chosen, each with its reasons. */
function systemLines({ candidates, planned }: PlannedPlan, { text }: Words): string[] {
  const asked = candidates.filter((c) => !isOtherWork(c));
  const near = asked.filter((c, i) => c.grade !== 'out' || i < told || c === planned?.candidate);
  const line = (c: Candidate) => {
    const why = c.against.map((v) => `${v.of === undefined ? '' : `${v.of}: `}${text(v.reason())}`).join('; ');
    return `  ${gradeWords[c.grade]}  ${c.system.title}${why === '' ? '' : `: ${why}`}`;
  };
  const rest = asked.length - near.length;
  return ['Systems', ...near.map(line), ...(rest > 0 ? [`  ${String(rest)} more are ruled out; --json has them all`] : [])];
}

function stopLines({ stops }: PlannedPlan, { text }: Words): string[] {
  return stops.flatMap((stop) => [
    '',
    `${stop.open ? 'STOP' : 'Stop, decided'}: ${stop.title}. ${text(stop.why)}`,
    `  ${stop.decision ? `${stop.decision.who}, ${stop.decision.capacity}, ${stop.decision.on}: ${stop.decision.what}` : `Who decides: ${stop.who}.`}`,
    `  (${cite(stop.source)})`,
  ]);
}

/** Doubts about the facts that nobody has confirmed. */
function doubtLines({ sense, defect }: RepairPlan, { text }: Words): string[] {
  const open = [...sense.area.doubts, ...sense.defect.doubts].filter((d) => !defect.confirmed.includes(d.id));
  return open.length === 0 ? [] : ['', 'Look again', ...open.map((d) => `  ${text(d.sentence)}`)];
}

const careLine = (titles: readonly string[]) => (titles.length === 0 ? [] : [`         care: ${titles.join(', ')}`]);

/** The work as lines: its steps by the clock, what is mixed, what it takes, its tools and cautions. */
function workLines(work: PlannedWork, { how, text }: Words): string[] {
  const fig = (f: Parameters<typeof show>[0]) => show(f, how.units).text;
  const { goods, worn } = takenAlong(work);
  const against = work.candidate.grade === 'out' ? ', against the verdict' : work.candidate.grade === 'care' ? ', with care' : '';
  const said = saidStarts(work.schedule, how.timeZone);
  const startOf = (i: number) => said[i] ?? work.schedule.rows[i]?.start;
  /** the day of a line, said wherever it is another than that of the line before */
  const dayOf = (i: number) => {
    const start = startOf(i);
    return start === undefined ? '' : `  ${dayName(start, how.timeZone)}`;
  };
  return [
    '',
    `${work.candidate.system.title}, ${work.by === 'choice' ? 'chosen' : 'proposed'}${against}, ${work.method.named}: ${fig(work.schedule.total)}, ${fig(work.schedule.handsOn)} by hand`,
    ...(work.reason === undefined ? [] : [`  because: ${work.reason}`]),
    ...work.schedule.rows.flatMap(({ step, start, latest }, i) => [
      ...(dayOf(i) === dayOf(i - 1) ? [] : [dayOf(i)]),
      `  ${clockTime(startOf(i) ?? start, how)}  ${text(step.title)}: ${text(step.detail)}`,
      ...careLine(cautionsOn(work.cautions, step.id)),
      `         look: ${text(step.look)}${latest ? ` Before ${clockTime(latest.at, { ...how, day: start })}; else: ${text(latest.ifMissed)}` : ''}`,
    ]),
    '',
    'Quantities',
    ...work.quantities.map((q) => `  ${q.label}: ${fig(q.figure)}`),
    ...work.mixes.flatMap((m) => [
      `  ${m.title}, ${fig(m.total)}${m.batches.value > 1 ? ` in ${fig(m.batches)} batches` : ''}${m.within ? `, placed within ${fig(m.within)}` : ''}: ${m.parts.map((p) => `${p.what.toLowerCase()} ${fig(p.amount)}`).join(', ')}`,
      ...(m.goes ?? []).map((go) => `    ${text(go.title)}: ${go.parts.map((p) => `${p.what.toLowerCase()} ${fig(p.amount)}`).join(', ')}`),
      ...mixLines(m).map((one) => `    ${text(one)}`),
      ...(m.running ?? []).map((q) => `    ${q.label}: ${fig(q.figure)}`),
    ]),
    '',
    'Taken along',
    ...[...goods, ...worn].map((q) => `  ${q.label}: ${fig(q.figure)}`),
    '',
    `Tools: ${[...new Set(work.method.steps.flatMap((s) => s.tools))].join(', ')}`,
    '',
    'Cautions',
    ...work.cautions.map((c) => `  ${c.title}: ${text(c.text)} (${cite(c.source)})`),
  ];
}

/** What is seen to before the first cut, and who does it. */
function firstLines({ firsts }: PlannedPlan, { text }: Words): string[] {
  return firsts.length === 0 ? [] : ['', firstsTitle, ...firsts.map((f) => `  ${f.title}: ${text(f.what)} (${f.who})`)];
}

function plannedLines(plan: PlannedPlan, job: Job, words: Words): string[] {
  const { text } = words;
  const work = plan.work();
  const sheet = sheetOf(plan, job);
  return [
    `${text(sheet.found)} ${answersSentence(sheet)}`.trim(),
    ...doubtLines(plan, words),
    '',
    ...systemLines(plan, words),
    ...stopLines(plan, words),
    ...firstLines(plan, words),
    ...(work ? workLines(work, words) : ['', text(noWorkWords(plan))]),
    '',
    plan.advice,
  ];
}

/** One repair as readable text: what was found, which systems and why, stops, steps, quantities, tools, cautions. */
export function planSheet(plan: RepairPlan, job: Job, words: Words): string {
  const { how, text } = words;
  const table = kindOf(plan.defect.kind);
  const head = [rule, `${plan.defect.mark}, ${areaWords(plan.area)}: ${table.title}`];
  if (plan.state === 'planned') return [...head, ...plannedLines(plan, job, words)].join('\n');
  const missing = [...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => `  still to answer: ${a.question}`);
  const refused = [...plan.sense.area.refused, ...plan.sense.defect.refused].map((r) => `  ${text(r.sentence)}`);
  if (plan.state === 'incomplete') return [...head, ...refused, ...missing].join('\n');
  return [
    ...head,
    text(plan.surveyed.size),
    ...plan.surveyed.measured.map((m) => `  ${m.label}: ${show(m.figure, how.units).text}`),
    ...doubtLines(plan, words),
    ...missing,
    plan.advice,
  ].join('\n');
}
