import { formula } from '../quantity/formula.ts';

/** Pressure of fresh concrete at the foot of a form, in MPa: the full head of liquid, on the strong side. */
export const formPressure = formula({
  name: 'form-pressure',
  title: 'Pressure at the foot of the form',
  words: 'weight of a cubic meter times the height, as if all of it were liquid',
  inputs: {
    heightMm: { kind: 'length', also: ['depth'], label: 'height of the pour', min: 0, max: 20_000, usual: 600 },
    perMeter: { kind: 'ratio', label: 'kilonewtons per square meter for each meter', min: 10, max: 30, usual: 24 },
  },
  output: 'pressure',
  source: 'geometry',
  compute: ({ heightMm, perMeter }) => ((heightMm / 1000) * perMeter) / 1000,
});
