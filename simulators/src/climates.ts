/** A made-up place with a climate of its own. */
export interface Climate {
  readonly id: string;
  readonly name: string;
  /** hours its clock is ahead of UTC */
  readonly aheadH: number;
  readonly meanC: number;
  /** half of what summer and winter are apart */
  readonly seasonK: number;
  /** half of what afternoon and dawn are apart on a clear day */
  readonly dayK: number;
  /** how far the weather strays from the mean of the season */
  readonly strayK: number;
  /** how far the dew point lies below the day's mean on a fair day */
  readonly drynessK: number;
  /** share of the hours with rain */
  readonly wet: number;
  readonly windKmh: number;
}

export const climates: readonly Climate[] = [
  { id: 'harbor-town', name: 'Harbor town, mild and wet', aheadH: 1, meanC: 10.5, seasonK: 6.5, dayK: 3, strayK: 2.5, drynessK: 3, wet: 0.13, windKmh: 17 },
  {
    id: 'river-plain',
    name: 'River plain, warm summers and hard winters',
    aheadH: 1,
    meanC: 9.5,
    seasonK: 12.5,
    dayK: 5,
    strayK: 3.5,
    drynessK: 5,
    wet: 0.08,
    windKmh: 11,
  },
  { id: 'north-coast', name: 'North coast, cold and windy', aheadH: 0, meanC: 4, seasonK: 8.5, dayK: 2.5, strayK: 3, drynessK: 2.5, wet: 0.15, windKmh: 22 },
  { id: 'dry-basin', name: 'Dry basin, hot days', aheadH: -7, meanC: 17.5, seasonK: 11, dayK: 8, strayK: 2.5, drynessK: 15, wet: 0.015, windKmh: 10 },
  { id: 'gulf-shore', name: 'Gulf shore, warm and humid', aheadH: -6, meanC: 21.5, seasonK: 6.5, dayK: 4, strayK: 2, drynessK: 2.5, wet: 0.09, windKmh: 12 },
];
