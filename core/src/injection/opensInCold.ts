import { formula } from '../quantity/formula.ts';

/** how much concrete shortens for each kelvin, as a share of its length: common practice, eight to twelve millionths */
const expands = 10e-6;

/** How far a joint opens where its slab serves colder than it was when the joint was filled, in mm. */
export const opensInCold = formula({
  name: 'opens-in-cold',
  title: 'Joint opens in the cold',
  words: 'length of slab between the joints times how much colder it serves times ten millionths for each kelvin; nothing where it is not colder',
  inputs: {
    panelMm: { kind: 'length', label: 'slab between the joints', min: 100, max: 100_000, usual: 4500 },
    slabC: { kind: 'temperature', label: 'slab when it is filled', min: -30, max: 60, usual: 20 },
    servesC: { kind: 'temperature', label: 'slab as it serves', min: -40, max: 60, usual: 0 },
  },
  output: 'crackWidth',
  against: 'servesC',
  source: 'practice',
  compute: ({ panelMm, slabC, servesC }) => panelMm * expands * Math.max(0, slabC - servesC),
});
