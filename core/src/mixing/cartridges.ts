import { formula } from '../quantity/formula.ts';
import { atMost, wholeAbove } from '../quantity/round.ts';

const mixer = { kind: 'volume', label: 'content of one mixer', min: 0, max: 500, usual: 20 } as const;
const runs = { kind: 'count', label: 'runs begun with a new mixer', min: 1, max: 1000, usual: 1 } as const;
const purges = { kind: 'count', label: 'purges while working', min: 0, max: 10000, usual: 3 } as const;

/** Resin purged to waste, in mL, with `cartridges` used: a mixer at each change and each new run, half of one at each purge. */
function wasted(cartridges: number, mixerMl: number, runCount: number, purgeCount: number): number {
  return (cartridges + runCount - 1) * mixerMl + purgeCount * 0.5 * mixerMl;
}

/** Purges of half a mixer while resin is being placed. */
export const purgeCount = formula({
  name: 'purge-count',
  title: 'Purges of half a mixer',
  words: 'whole thirds of the gel time within the time of placing',
  inputs: {
    placingMin: { kind: 'duration', label: 'time of placing', min: 0, max: 1e5, usual: 20 },
    gelMin: { kind: 'duration', label: 'gel time', min: 0.1, max: 1e5, usual: 8 },
  },
  output: 'count',
  source: 'practice',
  compute: ({ placingMin, gelMin }) => Math.floor(placingMin / (gelMin / 3) + 1e-9),
});

/** Cartridges to open: the fewest that hold what is placed and what goes to waste through the mixers. */
export const cartridgesNeeded = formula({
  name: 'cartridges-needed',
  title: 'Cartridges',
  words: 'the fewest whose content covers the resin placed, one mixer to waste for each cartridge and each new run, and half a mixer for each purge',
  inputs: {
    resinMl: { kind: 'volume', label: 'resin to place', min: 0, max: 1e8, usual: 800 },
    cartridgeMl: { kind: 'volume', label: 'content of a cartridge', min: 10, max: 100000, usual: 600 },
    mixerMl: mixer,
    runs,
    purges,
  },
  output: 'count',
  source: 'practice',
  compute: ({ resinMl, cartridgeMl, mixerMl, runs: runCount, purges: purged }) => {
    let n = Math.max(1, wholeAbove((resinMl + wasted(0, mixerMl, runCount, purged)) / Math.max(1, cartridgeMl - mixerMl)) - 1);
    while (!atMost(resinMl + wasted(n, mixerMl, runCount, purged), n * cartridgeMl) && n < 1e6) n += 1;
    return n;
  },
});

/** Static mixers to use: one a cartridge, and a new one where a run begins after the last has gelled. */
export const mixersNeeded = formula({
  name: 'mixers-needed',
  title: 'Static mixers',
  words: 'one for each cartridge, and one more for each run after the first',
  inputs: { cartridges: { kind: 'count', label: 'cartridges', min: 1, max: 1e6, usual: 2 }, runs },
  output: 'count',
  source: 'practice',
  compute: ({ cartridges, runs: runCount }) => cartridges + runCount - 1,
});

/** Resin purged to waste, in mL. */
export const mixerWaste = formula({
  name: 'mixer-waste',
  title: 'Purged to waste',
  words: 'one mixer for each cartridge and each new run, half a mixer for each purge',
  inputs: { cartridges: { kind: 'count', label: 'cartridges', min: 1, max: 1e6, usual: 2 }, mixerMl: mixer, runs, purges },
  output: 'volume',
  source: 'practice',
  compute: ({ cartridges, mixerMl, runs: runCount, purges: purged }) => wasted(cartridges, mixerMl, runCount, purged),
});

/** Content of whole packs bought, in mL. */
export const volumeBought = formula({
  name: 'volume-bought',
  title: 'Resin bought',
  words: 'packs times their content',
  inputs: {
    packs: { kind: 'count', label: 'packs', min: 0, max: 1e6, usual: 2 },
    packMl: { kind: 'volume', label: 'content of a pack', min: 1, max: 1e6, usual: 600 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ packs, packMl }) => packs * packMl,
});

/** What stays in the last pack, in mL. */
export const volumeOver = formula({
  name: 'volume-over',
  title: 'Left in the last cartridge',
  words: 'resin bought less what is placed and what is purged',
  inputs: {
    boughtMl: { kind: 'volume', label: 'resin bought', min: 0, max: 1e9, usual: 1200 },
    placedMl: { kind: 'volume', label: 'resin placed', min: 0, max: 1e9, usual: 900 },
    wasteMl: { kind: 'volume', label: 'purged to waste', min: 0, max: 1e9, usual: 90 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ boughtMl, placedMl, wasteMl }) => Math.max(0, boughtMl - placedMl - wasteMl),
});

/** Packs of one size for a volume. */
export const packsOf = formula({
  name: 'packs-of',
  title: 'Packs',
  words: 'the volume over the content of a pack, upward to whole ones',
  inputs: {
    volumeMl: { kind: 'volume', label: 'volume', min: 0, max: 1e8, usual: 700 },
    packMl: { kind: 'volume', label: 'content of a pack', min: 1, max: 1e6, usual: 300 },
  },
  output: 'count',
  source: 'geometry',
  compute: ({ volumeMl, packMl }) => Math.max(1, wholeAbove(volumeMl / packMl)),
});

/** Days until something that cures from its face is cured through. */
export const daysFromFace = formula({
  name: 'days-from-face',
  title: 'Cured through after',
  words: 'its depth over what cures in a day',
  inputs: {
    depthMm: { kind: 'depth', label: 'depth', min: 0, max: 100, usual: 6 },
    perDayMm: { kind: 'depth', label: 'cures in a day', min: 0.1, max: 50, usual: 2.5 },
  },
  output: 'age',
  source: 'practice',
  compute: ({ depthMm, perDayMm }) => depthMm / perDayMm,
});
