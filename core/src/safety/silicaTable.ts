import type { DustWork } from '../shelf/dustWork.ts';

export type Respirator = 'none' | 'APF 10' | 'APF 25';

/** Respirator up to four hours of a shift, and for longer. */
type Shift = readonly [short: Respirator, long: Respirator];

interface Row {
  readonly work: string;
  readonly control: string;
  readonly outdoors?: Shift;
  readonly indoors?: Shift;
}

const none: Shift = ['none', 'none'];
const ten: Shift = ['APF 10', 'APF 10'];
const whenLong: Shift = ['none', 'APF 10'];

/** Rows of the table (as recalled); a row without a place may not be used there. */
export const silicaTable: Readonly<Record<DustWork, Row>> = {
  'stationary-saw-wet': { work: 'masonry saw on a stand', control: 'water on the blade', outdoors: none, indoors: none },
  'handheld-saw-wet': { work: 'handheld power saw', control: 'water on the blade', outdoors: whenLong, indoors: ten },
  'walk-behind-saw-wet': { work: 'walk-behind saw', control: 'water on the blade', outdoors: none, indoors: ten },
  'floor-grinder': {
    work: 'walk-behind milling machine or floor grinder',
    control: 'water at the cut, or the maker’s dust collector on a vacuum with a fine filter',
    outdoors: none,
    indoors: none,
  },
  'core-drill-wet': { work: 'core drill on a rig', control: 'water at the cut', outdoors: none, indoors: none },
  'drill-shrouded': {
    work: 'drill or rotary hammer',
    control: 'shroud, dust collector with a fine filter, and a vacuum for the holes',
    outdoors: none,
    indoors: none,
  },
  'chipping-wet': { work: 'chipping hammer', control: 'water at the point of impact', outdoors: whenLong, indoors: ten },
  'chipping-shrouded': { work: 'chipping hammer', control: 'shroud and dust collector', outdoors: whenLong, indoors: ten },
  'mortar-grinder-shrouded': {
    work: 'grinder raking mortar',
    control: 'shroud and dust collector with a cyclone',
    outdoors: ['APF 10', 'APF 25'],
    indoors: ['APF 10', 'APF 25'],
  },
  'grinder-wet': { work: 'grinder', control: 'water at the wheel', outdoors: none },
  'grinder-shrouded': { work: 'grinder', control: 'shroud and dust collector with a cyclone', outdoors: none, indoors: whenLong },
};

/** Respirator that the table asks for beside the control of its row; nothing where the row does not hold there. */
export function tableRespirator(work: DustWork, indoors: boolean, long: boolean): Respirator | undefined {
  const shift = indoors ? silicaTable[work].indoors : silicaTable[work].outdoors;
  return shift?.[long ? 1 : 0];
}
