/** What a photo may be, as it is taken in and as it is kept. */
export const photoLimits = {
  /** kept: a JPEG of so many bytes and so many pixels a side, so many on one defect */
  keptBytes: 1_500_000,
  keptSidePx: 2048,
  perDefect: 12,
  /** plans, sketches and elevations of one area */
  perArea: 6,
  /** added by one person within a day */
  perDayBytes: 1_000_000_000,
  /** taken in by the page, before it is made smaller */
  givenBytes: 40_000_000,
  givenSidePx: 20_000,
  givenPixels: 80_000_000,
} as const;
