import { of } from '../sourced.ts';

/** The grits that are sanded with, by their number on the back of the paper. */
export const grits = {
  80: of(80, 'count', 'fepa-43', 'P80'),
  120: of(120, 'count', 'fepa-43', 'P120'),
  180: of(180, 'count', 'fepa-43', 'P180'),
  220: of(220, 'count', 'fepa-43', 'P220'),
  320: of(320, 'count', 'fepa-43', 'P320'),
  400: of(400, 'count', 'fepa-43', 'P400'),
  600: of(600, 'count', 'fepa-43', 'P600'),
  800: of(800, 'count', 'fepa-43', 'P800'),
  1200: of(1200, 'count', 'fepa-43', 'P1200'),
  2000: of(2000, 'count', 'fepa-43', 'P2000'),
} as const;
