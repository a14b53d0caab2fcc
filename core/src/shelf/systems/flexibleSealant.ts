import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyHours, resinCure } from '../sourced.ts';

export const flexibleSealant = {
  id: 'flexible-sealant',
  title: 'Flexible sealant, routed',
  family: 'polymer',
  chemistry: 'elastic sealant in a routed groove, bonded on two faces over a bond breaker',
  work: 'seals cracks and joints that move',
  suits: ['slab-crack', 'wall-crack', 'joint-spall'],
  gives: ['closed', 'joint'],
  preparation: 'rout',
  width: { min: of(6, 'depth', 'aci-224-1r', 'Narrowest rout'), max: of(30, 'depth', 'generic-sheet', 'Widest bead') },
  depth: { max: of(13, 'depth', 'astm-c1193', 'Deepest bead') },
  sizeWhy: { narrow: 'a bead this narrow tears', wide: 'a bead this wide sags and tears', deep: 'a bead this deep tears' },
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest slab'), max: of(40, 'temperature', 'generic-sheet', 'Warmest slab') },
  dewMargin: dewMarginForResins,
  leastAge: of(28, 'age', 'practice', 'Least age of the slab'),
  remarks: {
    moisture: {
      damp: { grade: 'out', why: 'it does not bond to damp faces', source: 'practice', change: 'dry the faces' },
      running: { grade: 'out', why: 'it does not bond in water', source: 'practice', change: 'stop the water first, then dry the faces' },
    },
    movement: {
      still: { grade: 'out', why: 'the crack is still, and a soft bead prints through and wears', source: 'practice', change: 'only if it moved' },
      unknown: { grade: 'care', why: 'right only if the crack moves', source: 'practice', change: 'gauge the crack through a season' },
    },
    traffic: {
      'soft-tires': { grade: 'care', why: 'tires pull at a soft bead', source: 'practice' },
      'hard-wheels': { grade: 'out', why: 'too soft to carry wheels over an edge', source: 'practice', change: 'keep hard wheels off it' },
    },
    finish: {
      'thin-coating': { grade: 'care', why: 'a bead that moves prints through a thin coating', source: 'practice' },
      stain: { grade: 'care', why: 'the bead takes no stain', source: 'practice' },
    },
    member: { stair: { grade: 'care', why: 'a soft bead in a tread is a trip edge', source: 'practice' } },
    claim: { 'restore-strength': { grade: 'out', why: 'it gives no strength', source: 'practice' } },
  },
  cure: resinCure,
  ready: readyHours(24, 72, 72),
  visits: of(1, 'count', 'practice', 'Visits'),
  sealant: {
    capability: of(0.25, 'ratio', 'astm-c1193', 'Movement the sealant takes'),
    leastWidth: of(6, 'depth', 'aci-224-1r', 'Narrowest rout'),
    leastDepth: of(6, 'depth', 'astm-c1193', 'Least depth of a bead'),
    mostDepth: of(13, 'depth', 'astm-c1193', 'Deepest bead'),
  },
  figures: {
    rod: of(1.25, 'ratio', 'practice', 'Rod to joint width'),
    skin: of(30, 'duration', 'generic-sheet', 'Tooled before it skins, at the reference temperature'),
    primerCover: of(5, 'spreading', 'generic-sheet', 'A liter of joint primer covers'),
    primer: of(30, 'duration', 'generic-sheet', 'Primer dry after, at the reference temperature'),
    primerUntil: of(480, 'duration', 'generic-sheet', 'Primer good for, at the reference temperature'),
    perDay: of(2.5, 'depth', 'generic-sheet', 'Cures in a day from the face'),
    loss: of(0.1, 'ratio', 'practice', 'Share lost in nozzle and tooling'),
    cartridge: of(300, 'volume', 'generic-sheet', 'Content of a cartridge'),
  },
} as const satisfies PatchSystem;
