import { planRepair, type Area, type Defect, type Fact, type Job, concreteBelow, cureProgress, exotherm, genericEpoxy, progressEndMin, sandFilledResin, TintingPot, usualTints, whiteBase, climateOf, weatherRecord, type ClimateSeries } from '@oddment/core';

const waits = 1000;

/** A week of hours that warm by day and cool by night. */
function week(): ClimateSeries {
  const hours = Array.from({ length: 168 }, (_v, i) => ({ at: new Date(i * 3_600_000).toISOString(), airC: 14 + 8 * Math.cos((2 * Math.PI * (i - 15)) / 24), humidityPct: 60, windKmh: 8, rainMm: 0 }));
  const [first, ...rest] = hours;
  const series = first && climateOf(weatherRecord([first, ...rest]));
  if (!series) throw new Error('a week has hours');
  return series;
}

function timed(act: () => unknown): number {
  const start = performance.now();
  act();
  return performance.now() - start;
}

const known = <V>(value: V): Fact<V> => ({ value, how: 'measured', at: '2026-06-01T12:00:00Z' });
const facts = (values: Readonly<Record<string, unknown>>) => Object.fromEntries(Object.entries(values).map(([field, value]) => [field, known(value)]));

/** One of five surfaces in turn, each a little different. */
function mixed(i: number): { readonly kind: string; readonly answers: Readonly<Record<string, unknown>> } {
  const outline = { shape: { is: 'rectangle', widthMm: 40 + ((i * 37) % 400), heightMm: 30 + ((i * 23) % 300) } };
  const depthMm = 2 + ((i * 7) % 60);
  switch (i % 5) {
    case 0:
      return { kind: 'concrete-spall', answers: { outline, bottom: 'even', depthMm, position: ['floor', 'wall', 'overhead'][i % 3], barSeen: 'no', moisture: 'dry', oil: 'no', cause: 'impact', causeBy: 'gone', services: 'no', traffic: 'foot', look: 'passing', before: 'bare' } };
    case 1:
      return { kind: 'plaster-hole', answers: { outline, bottom: 'even', depthMm: 2 + (i % 20), position: 'wall', binder: ['gypsum', 'lime', 'cement'][i % 3], base: 'masonry', place: 'inside', moisture: i % 4 === 0 ? 'damp' : 'dry', cause: 'impact', causeBy: 'gone', services: 'no', paint: 'flat', light: 'soft', texture: 'smooth', look: 'passing' } };
    case 2:
      return { kind: 'drywall-hole', answers: { outline, rated: 'no', wetArea: 'no', position: 'wall', boardMm: 12.7, frame: 'wood', layers: 'one', knocked: 'no', softened: 'no', cause: 'impact', causeBy: 'gone', services: 'no', paint: 'flat', light: 'soft', texture: 'smooth', before: 'paint', look: 'passing' } };
    case 3:
      return { kind: 'timber-decay', answers: { outline, bottom: 'even', depthMm, end: 'no', member: 'sill', loaded: 'no', sectionMm: 70, place: 'outside', moisturePct: 10 + (i % 15), water: 'closed', finish: 'paint', grain: 'no', cause: 'joint', causeBy: 'us', services: 'no', look: 'passing' } };
    default:
      return { kind: 'tub-hole', answers: { outline, shell: 'gelcoat', part: i % 2 === 0 ? 'wall' : 'floor', flexMm: (i % 30) / 10, coated: 'no', silicone: 'no', drip: 'no', rust: 'no', match: 'color', cause: 'impact', causeBy: 'gone', services: 'no', look: 'close' } };
  }
}

function mixedPlans(count: number): () => number {
  const area: Area = { id: 'a', name: 'Bench', facts: facts({ place: 'inside', airC: 20, slabC: 19, humidityPct: 45 }), defects: [] };
  const job: Job = { id: 'j', site: 'Bench', client: '', timeZone: 'UTC', units: 'metric', startAt: '2026-06-02T06:00:00.000Z', people: 2, areas: [area] };
  const defects = Array.from({ length: count }, (_v, i): Defect => { const { kind, answers } = mixed(i); return { id: `d${String(i)}`, kind, mark: `B-${String(i)}`, confirmed: [], decisions: [], facts: facts(answers) }; });
  return () => defects.reduce((sum, defect) => {
    const plan = planRepair({ job, area, defect });
    if (plan.state !== 'surveyed' || !plan.match) throw new Error(`a mixed defect of the bench is not judged: ${defect.kind} ${plan.state === 'incomplete' ? JSON.stringify([plan.sense.defect.missing.map((a) => a.field), plan.sense.defect.refused.map((r) => r.field)]) : ''}`);
    return sum + plan.match.candidates.length;
  }, 0);
}

/** What the calculators of knowledge take: heat in a thick lift, waits over a climate, the next addition of color. */
export function knowledgeRows(rounds: number, row: (words: string, times: readonly number[], aim?: number) => string): string[] {
  const lift = { kinetics: genericEpoxy, lift: sandFilledResin, liftMm: 50, substrate: concreteBelow, ambientC: 23, filmWm2K: 10, forMin: 1440 };
  const series = week();
  const cure = { at23Min: 960, law: { by: 'arrhenius', activationKjMol: 55 } } as const;
  const manyWaits = () => { for (let i = 0; i < waits; i++) progressEndMin((i * 7) % 4000, series, ({ slabC }) => cureProgress(cure, slabC)); };
  const pot = new TintingPot({ base: whiteBase, tints: usualTints, target: { l: 84, a: 2, b: 13 }, baseG: 1000, divisionG: 0.1, limit: 1 });
  const grams = [1000, 0, 1.5, 8, 1, 2, 0];
  const dabs = [{ by: 'meter', grams, lab: { l: 88.4, a: 1, b: 8.2 } }] as const;
  const addition = () => pot.next(grams, dabs);
  const judgeMany = mixedPlans(1000);
  for (const act of [() => exotherm(lift), manyWaits, addition, judgeMany]) act();
  const times = (act: () => unknown) => Array.from({ length: rounds }, () => timed(act));
  return [
    row('heat in a lift of 50 mm over 24 h', times(() => exotherm(lift)), 200),
    row(`progress of ${String(waits)} waits over a week of hourly climate`, times(manyWaits), 50),
    row('next addition of color, from one dab', times(addition), 50),
    row('1000 mixed defects against the whole shelf', times(judgeMany), 300),
  ];
}
