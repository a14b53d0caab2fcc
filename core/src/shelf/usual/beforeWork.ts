import { assumed } from '../sourced.ts';
import type { Usual } from './usual.ts';

export const beforeWork = {
  id: 'before-work',
  title: 'Before the first cut',
  what: 'is what comes before all work where the place is not yet as it has to be: too cold, too damp',
  figures: {
    warmed: assumed(1440, 'duration', 'practice', 'Ground held warm before anything is placed'),
    warmedBoard: assumed(2880, 'duration', 'ga-216', 'Board held warm before anything is placed'),
    aboveDew: assumed(240, 'duration', 'judgement', 'Warmed to stand above the dew point'),
    readAgain: assumed(10_080, 'duration', 'practice', 'A damp wall is read again after'),
    sheetTest: assumed(960, 'duration', 'astm-d4263', 'A sheet lies taped on concrete for'),
    dryingMonth: assumed(25, 'depth', 'practice', 'Thickness of a wall that dries in a month'),
    driedPct: assumed(45, 'percent', 'practice', 'Humidity that a dehumidifier holds in a closed place'),
    nearAirPct: assumed(1, 'percent', 'judgement', 'Wood dries by itself as far as this above what the air brings it to'),
    aboveDamp: assumed(300, 'depth', 'practice', 'Old plaster comes off above the highest damp or salt'),
    offFloor: assumed(30, 'depth', 'practice', 'New plaster on a damp wall ends above the floor'),
    stripped: assumed(100, 'depth', 'practice', 'What lies on it comes off past the place'),
    paintC: assumed(10, 'temperature', 'generic-sheet', 'Coldest for primer and paint'),
  },
} as const satisfies Usual;
