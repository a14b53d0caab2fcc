import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

const reserve = { kind: 'ratio', label: 'share of the gel time kept in reserve', min: 0, max: 0.9, usual: 0.25 } as const;

/** Length of crack that can be wetted, sanded and soaked within the gel time, in mm. */
export const sectionPerPerson = formula({
  name: 'section-per-person',
  title: 'Longest section within the gel time',
  words: 'gel time less the reserve, divided by the pace of one person; a pair, one wetting and one sanding, goes as many times as fast',
  inputs: {
    gelMin: { kind: 'duration', label: 'gel time to work within', min: 0.1, max: 10000, usual: 8 },
    reserve,
    paceMinM: { kind: 'pace', label: 'pace of one person', min: 0.05, max: 60, usual: 2 },
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
  },
  output: 'length',
  against: 'gelMin',
  source: 'practice',
  compute: ({ gelMin, reserve: kept, paceMinM, hands }) => ((gelMin * (1 - kept)) / paceMinM) * hands * 1000,
});

/** The gel time that a section takes, its reserve kept: the law of the longest section read backwards. */
export const timeForSection = formula({
  name: 'time-for-section',
  title: 'Gel time that a section needs',
  words: 'length times the pace of one person, shared among the hands, over the share of the gel time that is not kept in reserve',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of a section', min: 1, max: 1e6, usual: 1500 },
    paceMinM: { kind: 'pace', label: 'pace of one person', min: 0.05, max: 60, usual: 2 },
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
    reserve,
  },
  output: 'duration',
  against: 'lengthMm',
  source: 'practice',
  compute: ({ lengthMm, paceMinM, hands, reserve: kept }) => ((lengthMm / 1000) * paceMinM) / hands / (1 - kept),
});

/** Parts that work is done in, so that on each of them what has to follow within a window is done in it. Source: our own judgement. */
export const partsWithin = formula({
  name: 'parts-within',
  title: 'Worked in parts',
  words: 'minutes of the work and of what follows on it, together, over the window between them, rounded up',
  inputs: {
    workMin: { kind: 'duration', label: 'work, and what follows', min: 0, max: 100_000, list: true, usual: [20, 15] },
    windowMin: { kind: 'duration', label: 'window', min: 0.1, max: 100_000, usual: 15 },
  },
  output: 'count',
  source: 'judgement',
  compute: ({ workMin, windowMin }) => Math.max(1, wholeAbove(workMin.reduce((sum, m) => sum + m, 0) / windowMin)),
});

/** Sections that a crack is worked in. */
export const sectionCount = formula({
  name: 'section-count',
  title: 'Sections',
  words: 'length divided by the longest section, rounded up',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of the crack', min: 1, max: 1e6, usual: 4000 },
    sectionMm: { kind: 'length', label: 'longest section', min: 1, max: 1e7, usual: 1800 },
  },
  output: 'count',
  source: 'geometry',
  compute: ({ lengthMm, sectionMm }) => wholeAbove(lengthMm / sectionMm),
});

/** Length of one of several equal sections, in mm. */
export const sectionLength = formula({
  name: 'section-length',
  title: 'Length of a section',
  words: 'length divided by the number of sections',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of the crack', min: 1, max: 1e6, usual: 4000 },
    sections: { kind: 'count', label: 'sections', min: 1, max: 1e6, usual: 2 },
  },
  output: 'length',
  source: 'geometry',
  compute: ({ lengthMm, sections }) => lengthMm / sections,
});

/** Hands-on time of a step, in min: setting up, and a pace over the length for each pass. */
export const handsOn = formula({
  name: 'hands-on',
  title: 'Hands-on time',
  words: 'time to set up, plus pace times length times passes, divided by how many times as fast the crew is as one person',
  inputs: {
    setUpMin: { kind: 'duration', label: 'setting up', min: 0, max: 1000, usual: 5 },
    paceMinM: { kind: 'pace', label: 'pace of one person', min: 0, max: 1000, usual: 1.5 },
    lengthMm: { kind: 'length', also: ['depth'], label: 'length worked', min: 0, max: 1e6, usual: 2400 },
    passes: { kind: 'count', label: 'passes', min: 0, max: 1000, usual: 2 },
    hands: { kind: 'ratio', label: 'times as fast as one person', min: 1, max: 4, usual: 1 },
  },
  output: 'duration',
  source: 'assumed-rate',
  compute: ({ setUpMin, paceMinM, lengthMm, passes, hands }) => setUpMin + (paceMinM * (lengthMm / 1000) * passes) / hands,
});

/** Sum of durations, in min. */
export const durationSum = formula({
  name: 'duration-sum',
  title: 'Time in all',
  words: 'the times added up',
  inputs: { durationMin: { kind: 'duration', label: 'each time', min: 0, max: 1e6, list: true, usual: [10, 25, 15] } },
  output: 'duration',
  source: 'geometry',
  compute: ({ durationMin }) => durationMin.reduce((a, b) => a + b, 0),
});

/** What hands-on work costs, in the currency of the rate. */
export const laborCost = formula({
  name: 'labor-cost',
  title: 'Cost of labor',
  words: 'hands-on time in whole minutes, over sixty, times what an hour costs',
  inputs: {
    handsOnMin: { kind: 'duration', label: 'time by hand', min: 0, max: 1e6, usual: 90 },
    perHour: { kind: 'money', label: 'what an hour costs', min: 0, max: 1e5, usual: 50 },
  },
  output: 'money',
  against: 'handsOnMin',
  source: 'geometry',
  compute: ({ handsOnMin, perHour }) => (Math.round(handsOnMin) / 60) * perHour,
});

/** Visits of systems that do it together. */
export const visitsTogether = formula({
  name: 'visits-together',
  title: 'Visits',
  words: 'the visits of each added up; some may be made in one',
  inputs: { count: { kind: 'count', label: 'visits of each', min: 0, max: 100, list: true, usual: [2, 1] } },
  output: 'count',
  source: 'practice',
  compute: ({ count }) => count.reduce((sum, n) => sum + n, 0),
});
