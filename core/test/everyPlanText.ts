import { unnamed } from '../src/survey/crew.ts';
import { makeDays } from '../src/plan/makeDays.ts';
import { planJob, planRepair } from '../src/plan/repairPlan.ts';
import { planText } from '../src/plan/planRecord.ts';
import { planInput, type Setting } from './cracks.ts';
import { everyMethod } from './everyMethod.ts';
import { house, houseRules } from './house.ts';

const climates: readonly Readonly<Record<string, number>>[] = [
  {},
  { slabC: 31.7, airC: 34.1, humidityPct: 77.7 },
  { slabC: 11.3, airC: 13.7, humidityPct: 61.5 },
];

const cracks: readonly Setting[] = [
  {},
  { answers: { traffic: 'hard-wheels', finish: 'thin-coating' }, area: { slabC: 11.3, airC: 13.7, humidityPct: 61.5 } },
  {
    answers: {
      lengthMm: 23_457,
      widths: [
        { atMm: 0, widthMm: 0.37 },
        { atMm: 9876, widthMm: 2.83 },
      ],
    },
    job: { crew: unnamed(1) },
    defect: { sand: 'two' },
  },
  { answers: { movement: 'moving', movementMm: 1.37, moisture: 'damp' }, area: { slabC: 31.7, airC: 34.1, humidityPct: 77.7 } },
  { answers: { member: 'suspended', widths: [{ atMm: 0, widthMm: 0.07 }] } },
];

/** The days of a house, found by each aim. */
const daysTexts = () => {
  const job = house(14);
  const plans = planJob(job, houseRules);
  return (['finish', 'visits', 'date'] as const).map((aim) => {
    const { found, plan } = makeDays({ job, plans, rules: houseRules, setup: {} }, { aim, seed: 3, rounds: 12 });
    return [`days by ${aim}`, JSON.stringify([found.placements, found.score, plan.doneAt, plan.bound.at, plan.chances?.ninth])] as const;
  });
};

/** The whole text of plans of every kind with every system and combination, in several climates, each with its name. */
export function everyPlanText(): readonly (readonly [name: string, text: string])[] {
  return [
    ...cracks.map((setting, i) => [`slab crack ${String(i + 1)}`, planText(planRepair(planInput(setting)))] as const),
    ...daysTexts(),
    ...climates.flatMap((area) => everyMethod(area).map(({ kind, system, plan }) => [`${kind}, ${system}, ${JSON.stringify(area)}`, planText(plan)] as const)),
  ];
}
