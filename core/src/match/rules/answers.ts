import type { Aspect } from '../../shelf/patchSystem.ts';
import { aspectRule } from '../judging.ts';
import type { Rule } from '../verdict.ts';

/** What each rule about an answer alone is called: the system's own remark on that answer is the verdict. */
const titles = {
  moisture: 'Moisture',
  movement: 'Movement',
  position: 'Position',
  traffic: 'Traffic',
  finish: 'Finish to follow',
  member: 'Member',
  place: 'Place',
  wetUse: 'Wet by use',
  end: 'End of the piece',
  loaded: 'Load',
  water: 'Source of water',
  rated: 'Fire rating',
  softened: 'Softened',
  binder: 'Binder',
  base: 'Base',
  lath: 'Lath',
  body: 'Body of the plaster',
  shell: 'Shell',
  part: 'Part of the tub',
  oil: 'Oil and salt',
  joint: 'Kind of joint',
  bar: 'Bars',
  occupied: 'People about',
  fault: 'What shows',
  fastener: 'What popped',
  loose: 'The board under the heads',
  look: 'Light',
} as const satisfies Partial<Record<Aspect, string>>;

/** The rules about answers alone, by the aspect that they look at. */
export const answers = Object.fromEntries(Object.entries(titles).map(([aspect, title]) => [aspect, aspectRule(aspect as Aspect, title)])) as Readonly<
  Record<keyof typeof titles, Rule>
>;
