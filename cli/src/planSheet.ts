import { cite, clockTime, kindOf, matchWords, noMethodYet, quantitiesOf, show, type PatchWork, type RepairPlan, type Saying, type Telling } from '@oddment/core';

const rule = '-'.repeat(72);

/** The work of a place cut square as lines: its steps by the clock, and what it takes. */
function patchLines(work: PatchWork | undefined, text: (s: Saying) => string, how: Telling): string[] {
  if (!work) return [];
  return [
    `${work.candidate.system.title}, ${work.by === 'choice' ? 'chosen' : 'proposed'}:`,
    ...work.schedule.rows.map((r) => `  ${clockTime(r.start, how)}  ${text(r.step.title)}; ${text(r.step.detail)}`),
    ...work.quantities.map((q) => `  ${q.label}: ${show(q.figure, how.units).text}`),
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
    return [`${head}: ${kindOf(plan.defect.kind).title}, ${text(plan.surveyed.size)}`, ...rows, '', ...(plan.match ? [text(matchWords(plan.match)), ...plan.match.stops.filter((s) => s.open).map((s) => `Stop: ${s.title}. ${text(s.why)} Who decides: ${s.who}.`), ...patchLines(plan.match.work(), text, how), ...(plan.match.chosen ? plan.match.cautionsOf(plan.match.chosen.candidate).map((c) => `  ${c.title}: ${text(c.text)} (${cite(c.source)})`) : []), ''] : []), text(noMethodYet(kindOf(plan.defect.kind))), '', plan.advice].join('\n');
  }
  const fig = (f: { value: number; kind: Parameters<typeof show>[0]['kind'] }) => show(f, how.units).text;
  const { subject } = plan;
  const lines = [head, `Crack ${fig(subject.length)}, ${fig(subject.widest)} at the widest, ${fig(subject.depth)} deep, slab ${fig(subject.slab)}; slab at ${fig(subject.slabC)}, ${fig(subject.dewMargin)} above the dew point`, '', 'Systems'];
  for (const c of plan.candidates) {
    const why = c.against.map((v) => text(v.reason())).join('; ');
    lines.push(`  ${c.grade === 'out' ? 'ruled out' : c.grade === 'care' ? 'with care' : 'fits'}  ${c.system.title}${why === '' ? '' : `: ${why}`}`);
  }
  for (const stop of plan.stops) {
    lines.push('', `${stop.open ? 'STOP' : 'Stop, decided'}: ${stop.title}. ${text(stop.why)}`, `  ${stop.decision ? `${stop.decision.who}, ${stop.decision.capacity}, ${stop.decision.on}: ${stop.decision.what}` : `Who decides: ${stop.who}.`}`, `  (${cite(stop.source)})`);
  }
  if (plan.problem) lines.push('', text(plan.problem));
  const { repair, planned } = plan;
  if (repair && planned) {
    const { schedule, batch, method } = repair;
    lines.push('', `${planned.candidate.system.title}, ${planned.by === 'choice' ? 'chosen' : 'proposed'}, ${method.size.named}: ${fig(schedule.total)}, ${fig(schedule.handsOn)} by hand`);
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
  lines.push('', plan.advice);
  return lines.join('\n');
}
