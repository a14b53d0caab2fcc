/**
 * Situations with the systems that a competent repairer takes, takes with care, or does not take, and who decides where the
 * plan stops. Common practice; where a limit of it is published (ICRI 310.1R, ACI 224R, ASTM C926, GA-216) it is from memory.
 * A system that a case does not name is not judged by it.
 */
import { describe, expect, it } from 'vitest';
import { candidateOf, gradeIn, surveyedPlan } from '../test/defects.ts';

interface Case {
  readonly situation: string;
  readonly kind: string;
  readonly answers: Readonly<Record<string, unknown>>;
  readonly area?: Readonly<Record<string, unknown>>;
  readonly fits?: readonly string[];
  readonly care?: readonly string[];
  readonly out?: readonly string[];
  /** not offered as it is, with or without care */
  readonly notFits?: readonly string[];
  readonly stops?: readonly string[];
  /** a figure that a verdict holds against its limit: system, rule, value */
  readonly numbers?: readonly (readonly [system: string, rule: string, value: number])[];
}

const rectangle = (widthMm: number, heightMm: number) => ({ shape: { is: 'rectangle', widthMm, heightMm } });
const width = (widthMm: number) => [{ atMm: 0, widthMm }];
const decorated = { paint: 'flat', light: 'soft' };

const cases: readonly Case[] = [
  {
    situation: 'a spalled saw-cut joint under hard small wheels',
    kind: 'joint-spall',
    answers: {
      lengthMm: 6000,
      widthMm: 45,
      depthMm: 25,
      gapMm: 4,
      slabMm: 150,
      joint: 'contraction',
      slabAgeDays: 420,
      traffic: 'hard-wheels',
      moisture: 'dry',
    },
    area: { slabC: 19 },
    fits: ['rapid-crack-resin + joint-filler', 'epoxy-mortar + joint-filler'],
    care: ['rapid-repair-mortar + joint-filler'],
    out: ['joint-filler', 'flexible-sealant', 'polymer-mortar-2k'],
  },
  {
    situation: 'the same joint in a slab of a month',
    kind: 'joint-spall',
    answers: { lengthMm: 6000, widthMm: 45, depthMm: 25, gapMm: 4, slabAgeDays: 30, traffic: 'hard-wheels' },
    out: ['rapid-crack-resin + joint-filler', 'epoxy-mortar + joint-filler'],
  },
  {
    situation: 'a still, dry crack in a foundation wall that is to carry again',
    kind: 'wall-crack',
    answers: { lengthMm: 2400, widths: width(0.4), wallMm: 250, member: 'wall-below', claim: 'restore-strength', moisture: 'dry', movement: 'still' },
    area: { slabC: 14, airC: 15, humidityPct: 60 },
    fits: ['epoxy-injection-resin'],
    notFits: ['injection-foam'],
    out: ['rapid-crack-resin', 'flexible-sealant', 'water-plug'],
    stops: ['strength'],
  },
  {
    situation: 'a wall crack through which water runs',
    kind: 'wall-crack',
    answers: { widths: width(0.35), moisture: 'running', movement: 'unknown' },
    area: { slabC: 12, airC: 13, humidityPct: 80 },
    care: ['injection-foam', 'water-plug + injection-foam'],
    out: ['epoxy-injection-resin', 'flexible-sealant'],
  },
  {
    situation: 'a wall crack that opens and closes with the seasons, dry now',
    kind: 'wall-crack',
    answers: { widths: width(0.3), moisture: 'dry', movement: 'moving', movementMm: 1 },
    fits: ['flexible-sealant'],
    out: ['epoxy-injection-resin'],
  },
  {
    situation: 'chipped stair nosings outside, with salt',
    kind: 'broken-edge',
    answers: { lengthMm: 300, heightMm: 50, depthMm: 60, edge: 'nosing', traffic: 'foot', moisture: 'dry' },
    area: { place: 'outside-salt', slabC: 11, airC: 12, humidityPct: 50 },
    fits: ['polymer-mortar-2k'],
    care: ['epoxy-mortar', 'rapid-repair-mortar'],
    out: ['cement-fairing-coat', 'hand-packed-mortar'],
    numbers: [['polymer-mortar-2k', 'lifts', 2]],
  },
  {
    situation: 'a deep spall at rusting bars in a loaded soffit',
    kind: 'bar-spall',
    answers: { outline: rectangle(700, 500), sounded: 'outlined', position: 'overhead', loaded: 'yes', barMm: 16, leftMm: 15.2, bars: 1, coverMm: 30 },
    area: { slabC: 18 },
    fits: ['form-and-pour', 'polymer-mortar-2k'],
    out: ['hand-packed-mortar', 'cement-plaster', 'epoxy-mortar', 'cement-fairing-coat'],
    stops: ['undercut'],
    numbers: [['polymer-mortar-2k', 'lifts', 3]],
  },
  {
    situation: 'a shallow spall in a workshop floor, oil in the concrete',
    kind: 'concrete-spall',
    answers: { outline: rectangle(400, 300), depthMm: 20, position: 'floor', oil: 'oil', traffic: 'soft-tires' },
    fits: ['epoxy-mortar'],
    out: ['rapid-repair-mortar', 'polymer-mortar-2k', 'hand-packed-mortar'],
  },
  {
    situation: 'a spall that water runs from',
    kind: 'concrete-spall',
    answers: { outline: rectangle(300, 300), depthMm: 30, position: 'wall', moisture: 'wet' },
    out: ['rapid-repair-mortar', 'polymer-mortar-2k', 'epoxy-mortar', 'form-and-pour'],
  },
  {
    situation: 'a porous wall face, two millimeters deep',
    kind: 'concrete-scaling',
    answers: { outline: rectangle(900, 900), depthMm: 2, position: 'wall', moisture: 'damp', traffic: 'foot' },
    fits: ['cement-fairing-coat'],
  },
  {
    situation: 'a scaled floor under hard wheels',
    kind: 'concrete-scaling',
    answers: { outline: rectangle(900, 900), depthMm: 2.5, position: 'floor', traffic: 'hard-wheels' },
    out: ['cement-fairing-coat'],
  },
  {
    situation: 'a frosty morning: two degrees on the slab',
    kind: 'concrete-spall',
    answers: { outline: rectangle(300, 200), depthMm: 25, position: 'floor', traffic: 'foot' },
    area: { place: 'outside', slabC: 2, airC: 3, humidityPct: 70 },
    out: ['rapid-repair-mortar', 'polymer-mortar-2k', 'epoxy-mortar', 'form-and-pour'],
  },
  {
    situation: 'a sagging plaster ceiling on wood lath over a bedroom',
    kind: 'plaster-loose',
    answers: {
      sounded: 'outlined',
      outline: rectangle(1500, 1000),
      thicknessMm: 22,
      sagMm: 20,
      position: 'overhead',
      binder: 'lime',
      base: 'wood-lath',
      lath: 'sound',
      body: 'sound',
      before: 'paint',
    },
    area: { yearBuilt: 1924, occupied: 'inside' },
    care: ['plaster-reattach', 'lime-plaster', 'board-patch'],
    out: ['gypsum-plaster', 'setting-compound-20'],
    stops: ['prop', 'lead', 'asbestos', 'overhead'],
  },
  {
    situation: 'the same ceiling, crumbling',
    kind: 'plaster-loose',
    answers: {
      sounded: 'outlined',
      outline: rectangle(1500, 1000),
      thicknessMm: 22,
      sagMm: 5,
      position: 'overhead',
      binder: 'lime',
      base: 'wood-lath',
      lath: 'sound',
      body: 'crumbling',
    },
    out: ['plaster-reattach', 'plaster-reattach + setting-compound-45 + skim-coat'],
    stops: ['prop'],
  },
  {
    situation: 'plaster lost from a porch soffit of smooth concrete',
    kind: 'plaster-hole',
    answers: { outline: rectangle(1200, 750), depthMm: 18, position: 'overhead', binder: 'cement', base: 'concrete', place: 'outside', moisture: 'dry' },
    area: { place: 'outside' },
    out: ['cement-plaster', 'gypsum-plaster', 'drying-compound', 'board-patch', 'setting-compound-45'],
  },
  {
    situation: 'the same soffit, replastered no thicker than it holds',
    kind: 'plaster-hole',
    answers: { outline: rectangle(1200, 750), depthMm: 9, position: 'overhead', binder: 'cement', base: 'concrete', place: 'outside', moisture: 'dry' },
    area: { place: 'outside' },
    fits: ['cement-plaster'],
    out: ['gypsum-plaster', 'board-patch'],
  },
  {
    situation: 'the same soffit, over metal lath to its old thickness',
    kind: 'plaster-hole',
    answers: {
      outline: rectangle(1200, 750),
      depthMm: 18,
      position: 'overhead',
      binder: 'cement',
      base: 'metal-lath',
      lath: 'sound',
      place: 'outside',
      moisture: 'dry',
    },
    area: { place: 'outside' },
    fits: ['cement-plaster'],
    out: ['gypsum-plaster', 'board-patch'],
  },
  {
    situation: 'a spall over a rusting bar in a garden wall',
    kind: 'bar-spall',
    answers: { outline: rectangle(300, 200), sounded: 'outlined', position: 'wall', loaded: 'no', barMm: 12, leftMm: 11.6, bars: 1, coverMm: 25 },
    area: { slabC: 15, place: 'outside' },
    fits: ['bar-primer-epoxy-cement + polymer-mortar-2k'],
    out: ['cement-plaster', 'cement-fairing-coat'],
    stops: [],
  },
  {
    situation: 'the same bar in a frost',
    kind: 'bar-spall',
    answers: { outline: rectangle(300, 200), sounded: 'outlined', position: 'wall', loaded: 'no', barMm: 12, leftMm: 11.6, bars: 1, coverMm: 25 },
    area: { slabC: 3, airC: 2, place: 'outside' },
    out: ['bar-primer-epoxy-cement + polymer-mortar-2k', 'polymer-mortar-2k'],
    stops: [],
  },
  {
    situation: 'a hole in damp gypsum plaster',
    kind: 'plaster-hole',
    answers: { outline: rectangle(140, 90), depthMm: 10, binder: 'gypsum', base: 'masonry', place: 'inside', moisture: 'damp', ...decorated },
    out: ['gypsum-plaster', 'setting-compound-45', 'board-patch', 'vinyl-spackle'],
  },
  {
    situation: 'a hole in lime plaster on masonry, dry',
    kind: 'plaster-hole',
    answers: { outline: rectangle(300, 200), depthMm: 20, binder: 'lime', base: 'masonry', place: 'inside', moisture: 'dry', ...decorated },
    fits: ['lime-plaster'],
    care: ['cement-plaster', 'gypsum-plaster'],
  },
  {
    situation: 'a plaster crack over a door that opens each winter',
    kind: 'plaster-crack',
    answers: { widths: width(0.8), movement: 'moving', binder: 'gypsum', base: 'board', ...decorated },
    out: ['setting-compound-45', 'gypsum-plaster', 'skim-coat'],
  },
  {
    situation: 'a doorknob hole in a dry wall',
    kind: 'drywall-hole',
    answers: { outline: rectangle(62, 62), rated: 'no', wetArea: 'no', position: 'wall', ...decorated },
    area: { yearBuilt: 2004 },
    fits: ['board-plug', 'mesh-patch'],
    care: ['board-patch'],
    out: ['drying-compound', 'vinyl-spackle'],
  },
  {
    situation: 'the same hole in a garage separation',
    kind: 'drywall-hole',
    answers: { outline: rectangle(62, 62), rated: 'yes', wetArea: 'no', position: 'wall' },
    area: { yearBuilt: 2004 },
    out: ['board-plug', 'mesh-patch', 'setting-compound-45'],
    stops: ['rated'],
  },
  {
    situation: 'a large hole behind tile in a shower',
    kind: 'drywall-hole',
    answers: { outline: rectangle(400, 300), rated: 'no', wetArea: 'yes', position: 'wall', before: 'tile' },
    area: { yearBuilt: 2004 },
    fits: ['backer-and-waterproofing'],
    out: ['board-patch', 'board-plug'],
    stops: ['wet-board'],
  },
  {
    situation: 'a hole of two hand’s breadths on a dry wall',
    kind: 'drywall-hole',
    answers: { outline: rectangle(240, 200), rated: 'no', wetArea: 'no', position: 'wall', ...decorated },
    area: { yearBuilt: 2004 },
    fits: ['board-patch'],
    out: ['board-plug', 'mesh-patch'],
  },
  {
    situation: 'twelve pops in a gloss wall under a raking window',
    kind: 'fastener-pop',
    answers: { pops: 12, paint: 'gloss', light: 'raking', softened: 'no' },
    area: { airC: 17, slabC: 17, humidityPct: 65, yearBuilt: 1996 },
    fits: ['fastener-reset + skim-coat'],
    care: ['setting-compound-90', 'fastener-reset'],
    out: ['vinyl-spackle'],
  },
  {
    situation: 'a corner joint that opens every winter',
    kind: 'drywall-joint',
    answers: { joint: 'inside', seasonal: 'yes', tape: 'loose', ...decorated },
    area: { yearBuilt: 2001 },
    fits: ['floating-corner'],
    out: ['re-tape', 'setting-compound-45'],
  },
  {
    situation: 'a butt joint whose tape has let go',
    kind: 'drywall-joint',
    answers: { joint: 'butt', seasonal: 'no', tape: 'loose', ...decorated },
    area: { yearBuilt: 2001 },
    fits: ['re-tape'],
    out: ['floating-corner'],
  },
  {
    situation: 'a small dent, paper sound',
    kind: 'drywall-dent',
    answers: { widthMm: 25, heightMm: 20, depthMm: 2, paper: 'no', ...decorated },
    area: { yearBuilt: 2001 },
    fits: ['vinyl-spackle', 'drying-compound', 'setting-compound-20'],
    out: ['board-plug', 'acrylic-caulk'],
  },
  {
    situation: 'a decayed pocket in a wet sill',
    kind: 'timber-decay',
    answers: { outline: rectangle(190, 65), depthMm: 32, moisturePct: 24, member: 'sill', loaded: 'no', place: 'outside', finish: 'paint', water: 'open' },
    area: { place: 'outside', slabC: 12, airC: 13, humidityPct: 60 },
    notFits: ['epoxy-consolidant + epoxy-timber-putty', 'epoxy-consolidant + epoxy-timber-paste'],
    out: ['vinyl-spackle', 'polyester-finish-putty'],
  },
  {
    situation: 'the same sill dried, the joint above closed',
    kind: 'timber-decay',
    answers: { outline: rectangle(190, 65), depthMm: 32, moisturePct: 16, member: 'sill', loaded: 'no', place: 'outside', finish: 'paint', water: 'closed' },
    area: { place: 'outside', slabC: 14, airC: 15, humidityPct: 55 },
    fits: ['epoxy-consolidant + epoxy-timber-putty', 'epoxy-consolidant + epoxy-timber-paste'],
    numbers: [
      ['epoxy-timber-paste', 'lifts', 2],
      ['epoxy-timber-putty', 'lifts', 1],
    ],
  },
  {
    situation: 'a decayed foot of a post that carries a porch',
    kind: 'timber-decay',
    answers: { outline: rectangle(120, 200), depthMm: 40, member: 'post', loaded: 'yes', place: 'outside', water: 'closed', finish: 'paint', moisturePct: 15 },
    area: { place: 'outside' },
    out: ['epoxy-timber-paste', 'wood-splice', 'wood-insert'],
    stops: ['timber-load'],
  },
  {
    situation: 'a gouge in a clear-finished stair string',
    kind: 'timber-dent',
    answers: { widthMm: 40, heightMm: 12, depthMm: 8, member: 'trim', loaded: 'no', place: 'inside', finish: 'clear', water: 'none', moisturePct: 10 },
    fits: ['wood-insert', 'epoxy-pour-tinted'],
    out: ['epoxy-timber-paste', 'epoxy-timber-putty'],
  },
  {
    situation: 'a check in the top of an outdoor beam that opens in summer',
    kind: 'timber-check',
    answers: { widths: width(8), depthMm: 40, face: 'top', movement: 'moving', member: 'beam', loaded: 'no', place: 'outside', finish: 'paint', water: 'none' },
    area: { place: 'outside' },
    fits: ['cap-and-drain'],
    out: ['epoxy-timber-paste', 'epoxy-pour-tinted'],
  },
  {
    situation: 'a shallow gouge in the wall of an acrylic tub',
    kind: 'tub-nick',
    answers: { widthMm: 30, heightMm: 2, depthMm: 0.4, shell: 'acrylic', part: 'wall' },
    fits: ['acrylic-polish-out'],
    notFits: ['gelcoat-paste'],
    out: ['polyester-fiber-putty', 'two-part-coating', 'enamel-touch-up'],
  },
  {
    situation: 'a nick in gelcoat, two millimeters deep',
    kind: 'tub-nick',
    answers: { widthMm: 8, heightMm: 6, depthMm: 2, shell: 'gelcoat', part: 'wall' },
    fits: ['gelcoat-paste'],
    out: ['acrylic-polish-out'],
  },
  {
    situation: 'fiber putty in a bathroom of thirteen degrees',
    kind: 'tub-hole',
    answers: { outline: rectangle(60, 45), shell: 'gelcoat', part: 'wall', flexMm: 0.4 },
    area: { airC: 13, slabC: 12, humidityPct: 60 },
    notFits: ['polyester-fiber-putty + polyester-finish-putty + two-part-coating'],
    out: ['polyester-fiber-putty'],
  },
  {
    situation: 'the same hole, warmed',
    kind: 'tub-hole',
    answers: { outline: rectangle(60, 45), shell: 'gelcoat', part: 'wall', flexMm: 0.4 },
    area: { airC: 22, slabC: 21, humidityPct: 50 },
    fits: ['polyester-fiber-putty + polyester-finish-putty + two-part-coating'],
  },
  {
    situation: 'a cracked tub floor that gives underfoot',
    kind: 'tub-crack',
    answers: { lengthMm: 180, part: 'floor', flexMm: 4, shell: 'gelcoat', through: 'yes' },
    fits: ['support-fill + fiberglass-laminate + two-part-coating'],
    out: ['fiberglass-laminate', 'polyester-fiber-putty', 'polyester-fiber-putty + polyester-finish-putty + two-part-coating'],
  },
  {
    situation: 'a chip in an enameled bath',
    kind: 'tub-chip',
    answers: { widthMm: 12, heightMm: 9, depthMm: 1, shell: 'enamel', metal: 'yes', part: 'rim' },
    fits: ['enamel-touch-up'],
    out: ['gelcoat-paste', 'polyester-fiber-putty'],
  },
  {
    situation: 'scratches in acrylic that a nail catches',
    kind: 'tub-scratches',
    answers: { outline: rectangle(200, 60), nail: 'yes', depthMm: 0.3, shell: 'acrylic', part: 'floor' },
    fits: ['acrylic-polish-out'],
  },
  {
    situation: 'a shallow spall in a dry wall inside, cut square',
    kind: 'concrete-spall',
    answers: { outline: rectangle(250, 180), depthMm: 8, position: 'wall' },
    fits: ['polymer-mortar-2k', 'hand-packed-mortar', 'rapid-repair-mortar', 'epoxy-mortar'],
    out: ['form-and-pour', 'cement-fairing-coat'],
  },
  {
    situation: 'a spall overhead, thirty millimeters deep',
    kind: 'concrete-spall',
    answers: { outline: rectangle(250, 180), depthMm: 30, position: 'overhead' },
    fits: ['polymer-mortar-2k', 'hand-packed-mortar'],
    care: ['rapid-repair-mortar'],
    out: ['form-and-pour'],
    numbers: [
      ['polymer-mortar-2k', 'lifts', 2],
      ['hand-packed-mortar', 'lifts', 2],
    ],
  },
  {
    situation: 'a large spall on a wall, a hand deep',
    kind: 'concrete-spall',
    answers: { outline: rectangle(900, 700), depthMm: 110, position: 'wall' },
    fits: ['form-and-pour'],
    out: ['polymer-mortar-2k', 'hand-packed-mortar', 'rapid-repair-mortar'],
  },
  {
    situation: 'a worn nosing inside, feet only',
    kind: 'broken-edge',
    answers: { lengthMm: 900, heightMm: 20, depthMm: 25, edge: 'nosing', traffic: 'foot' },
    fits: ['polymer-mortar-2k', 'epoxy-mortar', 'rapid-repair-mortar'],
    out: ['cement-fairing-coat', 'form-and-pour'],
  },
  {
    situation: 'a hairline in a dry, still wall',
    kind: 'wall-crack',
    answers: { member: 'wall', widths: width(0.1), moisture: 'dry', movement: 'still' },
    fits: ['epoxy-injection-resin', 'drilled-packer-epoxy'],
    care: ['drilled-packer-injection'],
    out: ['water-plug', 'flexible-sealant', 'gravity-resin'],
  },
  {
    situation: 'a fine crack where plaster meets a casing',
    kind: 'plaster-crack',
    answers: { widths: width(1), movement: 'still', light: 'soft', paint: 'flat', binder: 'gypsum', base: 'board' },
    fits: ['acrylic-caulk'],
  },
  {
    situation: 'a plaster crack a finger wide',
    kind: 'plaster-crack',
    answers: { widths: width(12), movement: 'still', binder: 'gypsum', base: 'board' },
    out: ['acrylic-caulk'],
  },
  {
    situation: 'lime plaster gone, and the lath with it',
    kind: 'plaster-hole',
    answers: { outline: rectangle(500, 400), depthMm: 22, binder: 'lime', base: 'wood-lath', lath: 'missing', place: 'inside', ...decorated },
    fits: ['lath-and-plaster', 'board-patch'],
    out: ['lime-plaster', 'gypsum-plaster', 'cement-plaster', 'setting-compound-45'],
  },
  {
    situation: 'plaster hollow on a wall, sound in itself',
    kind: 'plaster-loose',
    answers: {
      sounded: 'outlined',
      outline: rectangle(500, 400),
      thicknessMm: 18,
      sagMm: 2,
      position: 'wall',
      binder: 'gypsum',
      base: 'wood-lath',
      lath: 'sound',
      body: 'sound',
      ...decorated,
    },
    fits: ['plaster-reattach + setting-compound-45 + skim-coat'],
    care: ['board-patch', 'plaster-reattach'],
    out: ['gypsum-plaster'],
  },
  {
    situation: 'a coin-sized hole under a raking window',
    kind: 'drywall-hole',
    answers: { outline: rectangle(30, 28), rated: 'no', wetArea: 'no', position: 'wall', paint: 'flat', light: 'raking' },
    area: { yearBuilt: 2004 },
    fits: ['board-plug', 'mesh-patch'],
    out: ['setting-compound-45'],
  },
  {
    situation: 'a hole in a ceiling, a palm wide',
    kind: 'drywall-hole',
    answers: { outline: rectangle(90, 80), rated: 'no', wetArea: 'no', position: 'ceiling', ...decorated },
    area: { yearBuilt: 2004 },
    care: ['board-plug', 'mesh-patch', 'board-patch'],
  },
  {
    situation: 'a hole in board that has gone soft',
    kind: 'drywall-hole',
    answers: { outline: rectangle(140, 120), rated: 'no', wetArea: 'no', position: 'wall', softened: 'soft', softMm: 60, ...decorated },
    area: { yearBuilt: 2004 },
    fits: ['board-patch'],
    out: ['board-plug', 'mesh-patch', 'setting-compound-90'],
  },
  {
    situation: 'banded joints under gloss and raking light',
    kind: 'finish-fault',
    answers: { outline: rectangle(2000, 1200), fault: 'banding', paint: 'gloss', light: 'raking' },
    area: { yearBuilt: 2004 },
    fits: ['skim-coat'],
    care: ['drying-compound'],
  },
  {
    situation: 'a lock hole through a painted door',
    kind: 'timber-through',
    answers: {
      outline: rectangle(60, 50),
      sectionMm: 45,
      member: 'door',
      loaded: 'no',
      place: 'inside',
      finish: 'paint',
      water: 'none',
      moisturePct: 9,
      cavity: 'open',
    },
    fits: ['epoxy-timber-putty', 'epoxy-timber-paste', 'wood-insert'],
    numbers: [
      ['epoxy-timber-putty', 'lifts', 1],
      ['epoxy-timber-paste', 'lifts', 2],
    ],
  },
  {
    situation: 'a still check in painted trim inside',
    kind: 'timber-check',
    answers: {
      widths: width(4),
      depthMm: 12,
      face: 'side',
      movement: 'still',
      member: 'trim',
      loaded: 'no',
      place: 'inside',
      finish: 'paint',
      water: 'none',
      moisturePct: 9,
    },
    fits: ['epoxy-timber-paste'],
    out: ['cap-and-drain'],
  },
  {
    situation: 'a gouged sill on a morning of three degrees',
    kind: 'timber-dent',
    answers: { widthMm: 60, heightMm: 25, depthMm: 12, member: 'sill', loaded: 'no', place: 'outside', finish: 'paint', water: 'closed', moisturePct: 14 },
    area: { place: 'outside', slabC: 3, airC: 4, humidityPct: 60 },
    out: ['epoxy-timber-paste', 'epoxy-timber-putty', 'epoxy-pour-tinted', 'wood-insert'],
  },
  {
    situation: 'a cracked shower wall of gelcoat',
    kind: 'tub-crack',
    answers: { lengthMm: 90, part: 'wall', flexMm: 0.3, shell: 'gelcoat' },
    fits: ['polyester-fiber-putty + polyester-finish-putty + two-part-coating', 'fiberglass-laminate + two-part-coating'],
    out: ['support-fill'],
  },
  {
    situation: 'a hole in a tub wall larger than a hand',
    kind: 'tub-hole',
    answers: { outline: rectangle(180, 140), part: 'wall', flexMm: 0.5, shell: 'gelcoat' },
    fits: ['fiberglass-laminate + two-part-coating'],
    out: ['polyester-fiber-putty', 'polyester-fiber-putty + polyester-finish-putty + two-part-coating'],
  },
  {
    situation: 'a chip in an acrylic tub',
    kind: 'tub-chip',
    answers: { widthMm: 10, heightMm: 8, depthMm: 1, shell: 'acrylic' },
    out: ['enamel-touch-up', 'gelcoat-paste'],
  },
  {
    situation: 'a scoured enamel bath that is to be sprayed while people live there',
    kind: 'tub-scratches',
    answers: { outline: rectangle(400, 200), nail: 'no', shell: 'enamel', part: 'floor' },
    area: { occupied: 'inside' },
    care: ['two-part-coating'],
    out: ['acrylic-polish-out'],
    stops: ['spraying'],
  },
  {
    situation: 'a tub with an old coating to be stripped',
    kind: 'tub-scratches',
    answers: { outline: rectangle(400, 200), nail: 'no', shell: 'gelcoat', part: 'wall', coated: 'yes' },
    stops: ['stripping'],
  },
  {
    situation: 'a wall that bows below grade',
    kind: 'wall-crack',
    answers: { member: 'wall-below', widths: width(0.2), bowMm: 30, course: 'level', moisture: 'damp' },
    stops: ['bowed', 'level-crack'],
  },
];

describe.each(cases.map((c) => [c.situation, c] as const))('%s', (_situation, c) => {
  const plan = surveyedPlan(c.kind, c.answers, c.area);
  const grades = (wanted: readonly string[] = []) => Object.fromEntries(wanted.map((id) => [id, gradeIn(plan, id)]));
  it.each([
    ['fits', c.fits],
    ['care', c.care],
    ['out', c.out],
  ] as const)('%s', (grade, ids = []) => {
    expect(grades(ids)).toEqual(Object.fromEntries(ids.map((id) => [id, grade])));
  });

  it('is not offered what has to wait, stops for who decides, and counts as counted by hand', () => {
    for (const id of c.notFits ?? []) expect([id, gradeIn(plan, id)]).not.toEqual([id, 'fits']);
    expect(
      plan.stops
        .filter((s) => s.open)
        .map((s) => s.id)
        .sort(),
    ).toEqual([...(c.stops ?? [])].sort());
    for (const [system, rule, value] of c.numbers ?? []) expect(candidateOf(plan, system)?.verdicts.find((v) => v.rule === rule)?.value?.value).toBe(value);
  });
});
