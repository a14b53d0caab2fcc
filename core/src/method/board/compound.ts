import { batchesOf, roundOf, withMixing } from '../batches.ts';
import { boardWork } from '../../shelf/usual/boardWork.ts';
import { settingWorkingTime } from '../../climate/drying.ts';
import { coatsForLevel, coatWidth, knifeFor } from '../../finishing/levels.ts';
import { halfOver, jointCompound } from '../../finishing/board.ts';
import { volumeShare, volumeSum } from '../../geometry/groove.ts';
import { manyAreas, manyVolumes, rimmedArea, stripArea } from '../../geometry/outline.ts';
import { batchesInAll, coatVolume, powderFor } from '../../mixing/mortarBatch.ts';
import { waterFor } from '../../mixing/plaster.ts';
import { sumOf } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { atMost } from '../../quantity/round.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import type { RateId } from '../../shelf/rates.ts';
import { settingCompound45 } from '../../shelf/systems/settingCompound45.ts';
import type { Course, Said } from '../course.ts';
import type { Lag } from '../step.ts';
import { mixed } from '../parts.ts';
import { sandFlat, takeRidgeDown } from '../words/finishing.ts';
import { compoundDries, compoundSets, drawCoat, knockDown, mixCompound, setFan } from '../words/boarding.ts';

export const isSetting = (c: Course): boolean => c.does('sets');

/** What is placed in one go: what it is called, and how much. */
export interface Go {
  readonly what: string;
  readonly volume: Figure;
  /** min of placing it by hand */
  readonly placing: Figure;
  /** it is mixed before all others */
  readonly first?: boolean;
}

/** How long what is in the pan is worked, min: a setting compound by its name, a drying one until it skins. */
export const workedFor = (c: Course): Figure =>
  isSetting(c) ? c.ledger.compute(settingWorkingTime, { namedMin: c.of('named') }) : c.get(boardWork.figures.inPan);

/** Adds the mixing of a go before it is placed, and tells what is mixed so that so much is placed: no less than can be measured out. */
export interface Ready {
  (go: number): void;
  readonly taken: (placed: Figure) => Figure;
}

/**
 * The compound of a course, go by go. A setting one is mixed for each go: what was mixed for the first has set
 * before the second goes on. A drying one comes out of its pail.
 * @param called what the compound is called where the system is more than that
 */
export function makeReady(c: Course, goes: readonly Go[], called = c.system.title): Ready {
  if (!isSetting(c)) {
    const total = c.ledger.compute(volumeSum, { volumeMl: goes.map((g) => g.volume) }, 'Compound in all');
    c.keepMix({
      id: 'compound',
      title: called,
      total,
      care: 'ready',
      batches: c.stated('From the pail', 'count', 1),
      parts: [{ what: called, role: 'ready', amount: total }],
      says: [say`From the pail as it is; what is left in the pan does not go back.`],
    });
    return Object.assign(() => undefined, { taken: (placed: Figure) => placed });
  }
  const working = workedFor(c);
  const mixes = goes.map(({ what, volume, placing, first = false }) => {
    // the working time by its name is the short side already: nothing more is kept back
    const { batches } = batchesOf(c, placing, working, what, c.stated('No further reserve', 'ratio', 0));
    const batch = c.least(c.ledger.compute(volumeShare, { volumeMl: volume, parts: batches }, `One batch, ${what}`), boardWork.figures.leastMix);
    const taken = c.ledger.compute(manyVolumes, { volumeMl: batch, count: batches }, `Mixed for it, ${what}`);
    const powder = c.ledger.compute(powderFor, { volumeMl: batch, yieldMlG: c.of('yieldMlG') }, `Powder, ${what}`);
    return { what, first, volume, taken, batches, powder, water: c.ledger.compute(waterFor, { powderG: powder, litersKg: c.of('water') }, `Water, ${what}`) };
  });
  const total = c.ledger.compute(volumeSum, { volumeMl: mixes.map((m) => m.taken) }, 'Compound in all');
  const lost = mixes.some((m) => m.taken.value > m.volume.value);
  const powder = c.ledger.compute(powderFor, { volumeMl: total, yieldMlG: c.of('yieldMlG') });
  const water = c.ledger.compute(waterFor, { powderG: powder, litersKg: c.of('water') });
  c.keepMix({
    id: 'compound',
    title: called,
    total,
    care: c.of('named').value < 10 ? 'quick setting compound' : 'setting compound',
    within: working,
    batches: c.ledger.compute(batchesInAll, { each: mixes.map((m) => m.batches) }),
    parts: [
      { what: 'Powder', role: 'powder', amount: powder },
      { what: 'Cool water', role: 'liquid', amount: water },
    ],
    rounds: [...mixes.filter((m) => m.first), ...mixes.filter((m) => !m.first)].map((m) =>
      roundOf(m.what, m.batches, { Powder: m.powder, 'Cool water': m.water }),
    ),
    says: [
      say`Powder into the water, never the other way.`,
      say`No batch larger than is used up in its working time, and none before it is wanted.`,
      ...(lost ? [say`Less than ${c.get(boardWork.figures.leastMix)} cannot be measured out: what is not placed of it is lost.`] : []),
      say`Clean pail, clean knife: old crumbs and warm water shorten it.`,
    ],
  });
  c.amount('powder', 'Powder', powder);
  const ready = (go: number) => {
    const mix = mixes[go];
    if (mix)
      c.work(mixCompound(mix.powder, mix.water, mix.batches, working, c.of('named')), withMixing(c, c.rate('mixMin'), mix.batches, 'Mixing'), {
        turn: mix.what.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-'),
      });
  };
  return Object.assign(ready, { taken: (placed: Figure) => mixes.find((m) => m.volume === placed)?.taken ?? placed });
}

/**
 * Setting compound beside what else a work takes: mixed just before it is placed, in as many batches as its working time asks for.
 * @returns what is mixed, no less than can be measured out
 * @param named min by which it is named @param pace how fast it is placed, or the minutes that placing all of it takes
 */
export function mixSetting(
  c: Course,
  {
    id,
    title,
    volume,
    named,
    pace,
    says,
  }: { readonly id: string; readonly title: string; readonly volume: Figure; readonly named: Figure; readonly pace: RateId | Figure; readonly says: Saying },
): Figure {
  const { yieldMlG, water: litersKg } = settingCompound45.figures;
  const total = c.least(volume, boardWork.figures.leastMix);
  const within = c.ledger.compute(settingWorkingTime, { namedMin: named });
  const powderG = c.ledger.compute(powderFor, { volumeMl: total, yieldMlG: c.get(yieldMlG) }, `Powder, ${title.toLowerCase()}`);
  const waterG = c.ledger.compute(waterFor, { powderG, litersKg: c.get(litersKg) }, `Water, ${title.toLowerCase()}`);
  const { batches } = c.mix(
    id,
    title,
    total,
    [
      { what: 'Powder', role: 'powder', amount: powderG },
      { what: 'Cool water', role: 'liquid', amount: waterG },
    ],
    { within, pace, care: 'setting compound', of: settingCompound45.id, told: true },
    [says, ...(total.value > volume.value ? [say`${volume} of it is placed: less than ${total} cannot be measured out, and the rest is lost.`] : [])],
  );
  const each = (amount: Figure) => c.mixes.find((m) => m.id === id)?.parts.find((p) => p.amount === amount)?.each ?? amount;
  c.work(mixCompound(each(powderG), each(waterG), batches, within, named), withMixing(c, c.rate('mixMin'), batches, 'Mixing'), { turn: id });
  return total;
}

/** Min after which a coat of the system's own compound is hard by itself; nothing where it only dries. */
const ownHard = (c: Course): Figure | undefined => (isSetting(c) ? c.of('hard') : undefined);

/**
 * The wait after a coat: a setting compound is hard before the next of its kind, and dry before primer and before what dries; a drying one
 * is dry through each time.
 * @param hardMin when the coat is hard by itself, where it sets
 */
export function settle(c: Course, thickness: Figure, next: 'coat' | 'finish', covered = false, hardMin = ownHard(c)): void {
  const from = c.last;
  const sets = hardMin && c.fixed(hardMin);
  if (sets && next === 'coat') {
    c.wait(compoundSets(sets.minutes), sets, from);
    return;
  }
  const dry = c.system.figures?.['dry'];
  const lag = dry
    ? c.fixed(c.get(dry))
    : c.drying(atMost(thickness.value, 3) ? thickness : c.get(boardWork.figures.driesFrom), covered, 'Dry through', sets !== undefined);
  if (!dry) fanOn(c);
  // it sets while it dries: one step says the longer of both, and neither is cut short
  if (sets) c.atLeast(sets, from);
  c.wait(driesHere(c, lag), lag, c.last);
}

/** A fan is set once, as soon as something dries. */
export function fanOn(c: Course): void {
  if (c.school('drying-air', 'draft') && c.once('fan')) c.work(setFan(), c.rate('spotEach'));
}

/** The wait of what dries, in the air of the place as it is moved. */
export const driesHere = (c: Course, lag: Lag): Said =>
  compoundDries(lag.minutes, c.airC, c.matter.humidity, c.school('drying-air', 'draft') ? 'with the fan on' : 'in still air');

/** What dries before more is done, with a fan where one runs. */
export function driesThrough(c: Course, thickness: Figure, label: string): void {
  const lag = c.drying(thickness, false, label);
  fanOn(c);
  c.wait(driesHere(c, lag), lag);
}

/** Ridges taken down, with a damp sponge where that side was taken. @param rubbing min of it, without trying how the compound softens */
export function ridgesDown(c: Course, softens: Figure, rubbing: Figure): void {
  const wet = (c.school('sanding-drywall', 'sponge')?.value ?? 0) > 0;
  c.work(takeRidgeDown(softens, c.get(boardWork.figures.grit), wet), c.together([softens, rubbing], 'Trying it wet, and taking it down'));
}

/** One place or many alike. */
export function allOf(c: Course, volumeMl: Figure, count: Figure | undefined): Figure {
  return count && count.value > 1 ? c.ledger.compute(manyVolumes, { volumeMl, count }, 'All of them') : volumeMl;
}

interface Coats {
  /** first coat's and last coat's width */
  readonly first: Figure;
  readonly last: Figure;
  readonly coats: Figure;
  readonly thin: Figure;
  /** length of a line, or how many spots of which width and height */
  readonly length?: Figure;
  readonly spot?: { readonly width: Figure; readonly height: Figure; readonly count: Figure | undefined };
}

/** Coats that each reach farther than the one below. @returns the compound of each and its width, and the face that they cover */
export function wideningCoats(
  c: Course,
  { first, last, coats, thin, length, spot }: Coats,
): { readonly area: Figure; readonly widths: readonly Figure[]; readonly volumes: readonly Figure[] } {
  const widths: Figure[] = [];
  const volumes: Figure[] = [];
  const many = (f: Figure) => (spot?.count && spot.count.value > 1 ? c.ledger.compute(manyAreas, { areaMm2: f, count: spot.count }, 'All of them') : f);
  let area = length ? c.ledger.compute(stripArea, { lengthMm: length, widthMm: last }, 'Coated') : last;
  for (let n = 1; n <= coats.value; n++) {
    const across = c.ledger.compute(coatWidth, { firstMm: first, lastMm: last, coat: c.stated('Which coat', 'count', n), coats });
    widths.push(across);
    let needed;
    if (length)
      needed = mixed(
        c,
        c.ledger.compute(jointCompound, { lengthMm: length, coatMm: across, thicknessMm: thin, wastePct: c.get(boardWork.figures.leftOnFace) }, 'A coat'),
        'Compound for a coat',
      );
    else {
      const rimMm = c.ledger.compute(halfOver, { acrossMm: across, sizeMm: spot ? spot.width : across });
      const one = c.ledger.compute(rimmedArea, { widthMm: spot?.width ?? across, heightMm: spot?.height ?? across, rimMm }, 'One coat covers');
      area = many(one);
      needed = mixed(c, c.ledger.compute(coatVolume, { areaMm2: area, filmMm: thin }, 'A coat'), 'Compound for a coat');
    }
    volumes.push(needed);
  }
  return { area, widths, volumes };
}

/** What lies under the first coat: a fill or a bed that has to settle, one that has been waited for, or the bare face. */
export type Below = { readonly thickness: Figure; readonly covered: boolean } | 'settled' | 'bare';

interface Coating {
  readonly below: Below;
  /** min of one coat */
  readonly each: Figure;
  /** mixes what a coat takes, by its turn */
  readonly ready?: (coat: number) => void;
  /** what is taken of a mix for so much that is placed */
  readonly taken?: Ready['taken'];
  /** the mix of each coat, where it is not one for all */
  readonly mixOf?: (coat: number) => string;
  /** when a coat is hard by itself, where it is not the system's own compound */
  readonly hardMin?: Figure;
  /** what lies below and has set, but has not dried: it dries with the last coat */
  readonly under?: Figure;
}

/** Works coats from the first to the last, with their waits. */
export function workCoats(
  c: Course,
  at: ReturnType<typeof wideningCoats>,
  coats: Figure,
  thin: Figure,
  { below, each, ready = () => undefined, taken = (placed) => placed, mixOf = () => 'compound', hardMin = ownHard(c), under }: Coating,
): void {
  at.volumes.forEach((volume, i) => {
    const across = at.widths[i];
    if (!across) return;
    if (i > 0) settle(c, thin, 'coat', false, hardMin);
    else if (typeof below === 'object') settle(c, below.thickness, 'coat', below.covered, hardMin);
    if (i > 0 || below !== 'bare') c.work(knockDown(across), c.each('spotEach'), { turn: i + 1 });
    ready(i);
    c.work(drawCoat(i + 1, coats, across, c.ledger.compute(knifeFor, { coatMm: across }), volume), each, {
      lift: i + 1,
      uses: [{ of: mixOf(i), amount: taken(volume) }],
    });
  });
  // what only set until now dries with the last coat, through all of them
  const damp = hardMin && [...(under ? [under] : typeof below === 'object' ? [below.thickness] : []), ...at.volumes.map(() => thin)];
  settle(c, damp ? c.ledger.compute(sumOf, { partMm: damp }, 'Set and not yet dry') : thin, 'finish', false, hardMin);
}

/** Sanding by the side taken: dry with a vacuum, or with a damp sponge where the compound takes that. */
export function smoothe(c: Course, past: Figure, minutes: Figure, turn?: string): void {
  const sponge = (c.school('sanding-drywall', 'sponge')?.value ?? 0) > 0 && !isSetting(c);
  const [grit, finer] = [c.get(boardWork.figures.grit), c.get(boardWork.figures.finer)];
  c.work(sandFlat(grit, finer, past, sponge ? 'sponge' : 'dry'), minutes, turn === undefined ? {} : { turn });
}

/** Coats over the tape or fill for a finish level. */
export function coatsFor(c: Course, level: Figure): Figure {
  // two in an afternoon is for what sets by itself: what dries is not dry for a second by then
  const fast = isSetting(c) ? c.school('joint-coats', 'coats') : undefined;
  return fast ?? c.ledger.compute(coatsForLevel, { level });
}

/** Coats as they are drawn, one over the other. */
export const films = (widths: readonly Figure[]) =>
  widths.map((w, i) => ({ id: `coat-${String(i + 1)}`, title: say`coat ${String(i + 1)}, ${w} across`, across: w }));
