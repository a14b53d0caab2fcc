import type { FirstStep, First, Stripping } from '../../safety/firsts/first.ts';
import type { Figure } from '../../quantity/figure.ts';
import { say } from '../../quantity/saying.ts';
import type { Said } from '../course.ts';
import type { Told } from '../step.ts';

const tools: Readonly<Record<FirstStep['by'], readonly string[]>> = {
  look: ['camera', 'pen'],
  meter: ['meter', 'probe thermometer', 'pen'],
  heat: ['gentle heater', 'probe thermometer', 'film'],
};

/** What a condition asks of the crew, seen to be so before what it lifts. */
export const seeToIt = ({ by, title, detail, look, done, limits }: FirstStep): Said => ({
  builder: `first-${by}`,
  title,
  detail,
  look,
  done,
  ...(limits && { limits }),
  plain: 'it is seen to be so, whatever the size',
  tools: tools[by],
});

/** What is done so that it comes about by itself: opened to the air, taped down. */
export const letCome = ({ first, how, with: tools }: NonNullable<FirstStep['until']>): Said => ({
  builder: 'first-open',
  title: first,
  detail: how,
  look: say`All of it lies open to the air, or under its sheet, and stays so.`,
  done: 'Left so',
  plain: 'it is left so, whatever the size',
  tools,
});

/** It comes about by itself, in about so long. */
export const comesAbout = ({ title, look }: NonNullable<FirstStep['until']>): Told => ({
  builder: 'first-comes',
  title,
  detail: say`an estimate to plan by: the reading after it decides, and may come later`,
  look,
  done: 'Time to read it',
  tools: [],
});

/** It is held so for a while before the work goes on. */
export const heldSo = ({ title, look }: NonNullable<FirstStep['hold']>): Told => ({
  builder: 'first-held',
  title,
  detail: say`the readings written down, the first and the last and the lowest between`,
  look,
  done: 'Held',
  tools: [],
});

/** All that is seen to first and needs no step of its own. */
export const seeToFirsts = (firsts: readonly First[]): Said => ({
  builder: 'see-firsts',
  title: say`See to what comes first: ${firsts.map((f) => f.title.toLowerCase()).join(', ')}`,
  detail: say`as it stands under ‘Before the first cut’; what others do is seen done`,
  look: say`All of it is so, before anything is cut or opened.`,
  done: 'All seen to',
  plain: 'it is seen to be so, whatever the size',
  tools: ['camera', 'pen'],
});

const strippingTools: Readonly<Record<Stripping, readonly string[]>> = {
  scrape: ['scraper', 'vacuum'],
  grind: ['cup grinder with shroud and vacuum'],
  chip: ['hammer and bolster', 'vacuum'],
  brush: ['stiff brush', 'vacuum'],
};

/** What lies on a place comes off around it, once all is covered. */
export const stripOff = ({ title, what }: First, past: Figure, area: Figure, by: Stripping): Said => ({
  builder: 'strip-off',
  title: say`Take off ${title.toLowerCase().replace(/ on it$/, '')}, ${past} past the place: ${area}`,
  detail: say`${what} What comes off goes into a bag at once`,
  look: say`Bare to its edge, and that edge holds: nothing lifts under a knife or with tape.`,
  done: 'Bare and sound',
  tools: strippingTools[by],
});
