import {
  cite,
  clockTime,
  kindOf,
  matchWords,
  noWorkWords,
  quantitiesOf,
  show,
  type PlannedWork,
  type RepairPlan,
  type Saying,
  type Telling,
} from '@oddment/core';

const rule = '-'.repeat(72);

/** The work of any family as lines: its steps by the clock, what is mixed, what it takes, and the cautions. */
function workLines(work: PlannedWork | undefined, text: (s: Saying) => string, how: Telling): string[] {
  if (!work) return [];
  const fig = (f: Parameters<typeof show>[0]) => show(f, how.units).text;
  return [
    '',
    `${work.candidate.system.title}, ${work.by === 'choice' ? 'chosen' : 'proposed'}, ${work.method.named}: ${fig(work.schedule.total)}, ${fig(work.schedule.handsOn)} by hand`,
    ...work.schedule.rows.flatMap(({ step, start, latest }) => [
      `  ${clockTime(start, how)}  ${text(step.title)}: ${text(step.detail)}`,
      `         look: ${text(step.look)}${latest ? ` Before ${clockTime(latest.at, how)}; else: ${text(latest.ifMissed)}` : ''}`,
    ]),
    '',
    'Quantities',
    ...work.quantities.map((q) => `  ${q.label}: ${fig(q.figure)}`),
    ...work.mixes.flatMap((m) => [
      `  ${m.title}, ${fig(m.total)}${m.batches.value > 1 ? ` in ${fig(m.batches)} batches` : ''}${m.within ? `, placed within ${fig(m.within)}` : ''}: ${m.parts.map((p) => `${p.what.toLowerCase()} ${fig(p.amount)}`).join(', ')}`,
      ...m.says.map((one) => `    ${text(one)}`),
    ]),
    '',
    'Cautions',
    ...work.cautions.map((c) => `  ${c.title}: ${text(c.text)} (${cite(c.source)})`),
  ];
}

/** One repair as readable text: what was found, which systems, stops, steps, quantities, cautions. */
export function planSheet(plan: RepairPlan, how: Telling, text: (s: Saying) => string): string {
  const head = `${rule}\n${plan.defect.mark}, ${plan.area.name}`;
  if (plan.state === 'incomplete') {
    const missing = [...plan.sense.area.missing, ...plan.sense.defect.missing].map((a) => `  still to answer: ${a.question}`);
    const refused = [...plan.sense.area.refused, ...plan.sense.defect.refused].map((r) => `  ${text(r.sentence)}`);
    return [head, ...refused, ...missing].join('\n');
  }
  if (plan.state === 'surveyed') {
    const rows = plan.surveyed.measured.map((m) => `  ${m.label}: ${show(m.figure, how.units).text}`);
    return [
      `${head}: ${kindOf(plan.defect.kind).title}, ${text(plan.surveyed.size)}`,
      ...rows,
      '',
      ...(plan.match
        ? [
            text(matchWords(plan.match)),
            ...plan.match.stops.filter((s) => s.open).map((s) => `Stop: ${s.title}. ${text(s.why)} Who decides: ${s.who}.`),
            ...(plan.match.work() ? workLines(plan.match.work(), text, how) : [text(noWorkWords(plan.match))]),
            '',
          ]
        : []),
      plan.advice,
    ].join('\n');
  }
  const fig = (f: { value: number; kind: Parameters<typeof show>[0]['kind'] }) => show(f, how.units).text;
  const { subject } = plan;
  const lines = [
    head,
    `Crack ${fig(subject.length)}, ${fig(subject.widest)} at the widest, ${fig(subject.depth)} deep, slab ${fig(subject.slab)}; slab at ${fig(subject.slabC)}, ${fig(subject.dewMargin)} above the dew point`,
    '',
    'Systems',
  ];
  for (const c of plan.candidates) {
    const why = c.against.map((v) => text(v.reason())).join('; ');
    lines.push(`  ${c.grade === 'out' ? 'ruled out' : c.grade === 'care' ? 'with care' : 'fits'}  ${c.system.title}${why === '' ? '' : `: ${why}`}`);
  }
  for (const stop of plan.stops) {
    lines.push(
      '',
      `${stop.open ? 'STOP' : 'Stop, decided'}: ${stop.title}. ${text(stop.why)}`,
      `  ${stop.decision ? `${stop.decision.who}, ${stop.decision.capacity}, ${stop.decision.on}: ${stop.decision.what}` : `Who decides: ${stop.who}.`}`,
      `  (${cite(stop.source)})`,
    );
  }
  if (plan.problem) lines.push('', text(plan.problem));
  const { repair, planned } = plan;
  if (repair && planned) {
    const { schedule, batch, method } = repair;
    lines.push(
      '',
      `${planned.candidate.system.title}, ${planned.by === 'choice' ? 'chosen' : 'proposed'}, ${method.size.named}: ${fig(schedule.total)}, ${fig(schedule.handsOn)} by hand`,
    );
    for (const { step, start, latest } of schedule.rows) {
      lines.push(`  ${clockTime(start, how)}  ${text(step.title)}: ${text(step.detail)}`);
      lines.push(`         look: ${text(step.look)}${latest ? ` Before ${clockTime(latest.at, how)}; else: ${text(latest.ifMissed)}` : ''}`);
    }
    lines.push('', 'Quantities');
    for (const { label, figure } of quantitiesOf(repair)) lines.push(`  ${label}: ${fig(figure)}`);
    lines.push(...[batch.sandWay, ...batch.atEveryCartridge].map((saying) => `  ${text(saying)}`));
    lines.push('', 'Cautions');
    for (const c of repair.cautions) lines.push(`  ${c.title}: ${text(c.text)} (${cite(c.source)})`);
  }
  lines.push(...workLines(repair ? undefined : plan.work(), text, how), '', plan.advice);
  return lines.join('\n');
}
