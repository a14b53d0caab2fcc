import { say } from '../../quantity/saying.ts';
import { crewFirst, type First, type FirstRule } from './first.ts';

/** What has to be so for a cause to be gone. A cause that was over when it had happened has none. Common practice. */
const away: Readonly<Record<string, string>> = {
  settlement: 'what sinks under it is held, and levels read some weeks apart agree',
  water: 'the water is followed to where it comes in, and is led away or closed off there',
  load: 'the load is taken off, or carried as who is licensed for it says',
  wear: 'what wears it is moved, slowed or led another way',
  rust: 'what wets the steel is closed off, and the steel is bared as far as it rusts',
  frost: 'water no longer stands in it when it freezes, and salt is kept off until the new face is a winter old',
  reaction: 'a laboratory has looked at the stones: as long as they swell, what is filled breaks out beside',
  heat: 'what heats it is moved or shielded',
  leak: 'the leak is found and closed, and what it wetted stays dry through a rain or a day of use',
  salt: 'the source of the salt is closed off, and how far it has gone in is measured',
  carbonation: 'how deep it has gone in is read with an indicator on a fresh break, and the cut or a coating is planned by that',
  acid: 'what is spilled there is kept off, and the face reads neutral on wet paper',
  vibration: 'what shakes it is found, and stands still at least until the new work has set',
  lath: 'the lath or frame is fastened until it does not give under the hand',
  handle: 'a stop keeps the handle off the wall',
  furniture: 'a rail or a stop keeps the furniture off',
  framing: 'what moves is fastened, or the joint is left free to move',
  roof: 'the corner is left free, or what lifts is fastened by who built it',
  gutter: 'the gutter is mended, and the wood below stays dry through a rain',
  ground: 'soil and paving are taken off the wood, so that it stands free and dries',
  joint: 'the joint above is closed, and the wood below stays dry through a rain',
  sill: 'the sill gets a fall and a drip, so that water runs off and does not stand',
  decay: 'what wetted it is closed off, and the wood around reads dry',
  bird: 'they are out, and the way in is closed',
  weather: 'end grain and upper face are covered or coated, now and when it is worn',
  hollow: 'it is supported from below until it does not give',
  fitting: 'the old fitting is off, and nothing pulls on the place any more',
  scouring: 'what is used to clean it no longer scratches',
  sand: 'sand is rinsed out before it is walked on',
};

/** Framing that dries is over only when it is dry. */
const ofKind: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  'fastener-pop': {
    shrinkage: 'the framing reads dry on the meter, and as dry a week later',
    few: 'screws go in at the usual distance, not only beside what popped',
  },
};

/** Who takes it away, by the answer. */
const who: Readonly<Record<string, string>> = {
  us: crewFirst,
  client: 'the client; the crew sees it done before the first cut',
  other: 'another trade; the crew sees it done before the first cut',
  nobody: 'nobody yet: who does it is agreed with the client before the work begins',
};

function cause({ kind, choice }: Parameters<FirstRule>[0]): First | undefined {
  const value = choice('cause');
  if (value === undefined) return undefined;
  if (value === 'unknown')
    return {
      id: 'cause',
      title: 'The cause',
      who: 'whoever plans it',
      what: say`What caused it is not known: it is looked for before the place is closed. As long as it goes on, the repair comes loose, or the same happens beside it.`,
      source: 'practice',
    };
  const must = ofKind[kind]?.[value] ?? away[value];
  if (must === undefined) return undefined;
  const by = choice('causeBy') ?? 'nobody';
  return by === 'gone'
    ? { id: 'cause', title: 'The cause', who: crewFirst, what: say`Said to be gone, and looked at once more: ${must}.`, source: 'practice' }
    : { id: 'cause', title: 'The cause', who: who[by] ?? crewFirst, what: say`Before the work begins: ${must}.`, source: 'practice' };
}

/** What caused it, and who takes that away. */
export const causeFirst: FirstRule = cause;
