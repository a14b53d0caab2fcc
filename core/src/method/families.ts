import { putAway } from './words/protecting.ts';
import { groove } from './concrete/groove.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { caulked } from './board/caulk.ts';
import { fastenerReset } from './board/fasteners.ts';
import { fillSpots, skimWhole } from './board/fill.ts';
import { runOutFault } from './board/hump.ts';
import { smoothAndPaint } from './board/smooth.ts';
import { tapedLine } from './board/taped.ts';
import { boardPatch } from './board/boardPatch.ts';
import { wetWall } from './board/wetWall.ts';
import { boardPlug, meshPatch } from './board/plug.ts';
import { repaint } from './concrete/repaint.ts';
import { portInjection, waterPlug } from './concrete/injection.ts';
import { jointEdges, jointFiller } from './concrete/joint.ts';
import { epoxyPatch, fairing, formedPour } from './concrete/otherPatches.ts';
import { gravityFlood, routAndSeal } from './concrete/sealant.ts';
import { Course } from './course.ts';
import type { MethodMatter } from './matter.ts';
import { edgeCut, outlinedCut, stripCut } from './patch/cuts.ts';
import type { SquareCut } from './patch/squareCut.ts';
import { opening } from './opening.ts';
import { squarePatch } from './patch/squarePatch.ts';
import { plasterCoats } from './plaster/coats.ts';
import { plasterReattach } from './plaster/reattach.ts';
import { capAndDrain } from './timber/cap.ts';
import { consolidate } from './timber/consolidate.ts';
import { timberFill, tintedPour } from './timber/fill.ts';
import { woodInsert, woodSplice } from './timber/newWood.ts';
import { enamelChips } from './tub/enamel.ts';
import { laminate, support } from './tub/laminate.ts';
import { mistCoats } from './tub/mist.ts';
import { gelcoatNick, polishOut } from './tub/polish.ts';
import { fiberPutty, finishPutty } from './tub/putty.ts';
import type { WorkMethod } from './work.ts';

/** The part of a method that one system does, by the kind of defect where that decides. */
interface Family {
  readonly part: (c: Course) => void;
  /** the questions of the trade whose side it follows */
  readonly reads: readonly string[];
}

/** A patch cut square, whatever the kind: round an outline, a step at an edge, a groove along a crack, the edges of a joint. */
function cutBy(c: Course, patch: (c: Course, cut: SquareCut) => void): void {
  const edge = c.limit(c.system.edge, 'square edge');
  const { kind } = c.matter.subject;
  if (kind === 'joint-spall') jointEdges(c);
  else patch(c, kind === 'broken-edge' ? edgeCut(c, edge) : kind === 'slab-crack' ? stripCut(c) : outlinedCut(c, edge));
}

const compound = (c: Course): void => {
  if (c.matter.choice('fault') === 'hump') runOutFault(c);
  else if (c.matter.subject.kind === 'drywall-joint' || c.matter.subject.kind === 'plaster-crack') tapedLine(c);
  else fillSpots(c);
};

const mortar: Family = {
  part: (c) => {
    cutBy(c, squarePatch);
  },
  reads: ['patch-edge', 'moist-curing', 'joint-recut'],
};
const face = ['inspecting', 'primer-under-paint'];
const board = [...face, 'sanding-drywall', 'joint-width', 'drying-air'];
const setting: Family = { part: compound, reads: [...board, 'joint-coats'] };
const coats: Family = { part: plasterCoats, reads: ['plaster-extent', 'overhead-plaster', ...face] };
const cementCoats: Family = { part: plasterCoats, reads: ['plaster-coats', 'paint-on-cement', 'plaster-extent', 'overhead-plaster', ...face] };
const tub = ['tub-cleaner', 'tub-masking', 'clean-or-mask', 'tub-use-between'];

/** Resin and sand: a crack is chased to a groove, the edges of a joint are rebuilt. */
const inLine = (c: Course): void => {
  if (c.matter.cut) groove(c);
  else jointEdges(c);
};

const families: Readonly<Record<string, Family>> = {
  'polymer-mortar-2k': mortar,
  'hand-packed-mortar': mortar,
  'rapid-repair-mortar': mortar,
  'epoxy-mortar': {
    part: (c) => {
      cutBy(c, epoxyPatch);
    },
    reads: ['joint-recut'],
  },
  'form-and-pour': {
    part: (c) => {
      cutBy(c, formedPour);
    },
    reads: [],
  },
  'cement-fairing-coat': { part: fairing, reads: [] },
  'rapid-crack-resin': { part: inLine, reads: ['chase-depth', 'second-placement', 'sand-into-resin', 'proud-or-flush', 'joint-recut'] },
  'joint-filler': { part: jointFiller, reads: ['joint-filler-depth', 'joint-recut'] },
  'flexible-sealant': { part: routAndSeal, reads: [] },
  'gravity-resin': { part: gravityFlood, reads: [] },
  'epoxy-injection-resin': { part: portInjection, reads: ['port-spacing', 'injection-done'] },
  'injection-foam': { part: portInjection, reads: ['port-spacing'] },
  'drilled-packer-injection': { part: portInjection, reads: [] },
  'drilled-packer-epoxy': { part: portInjection, reads: ['injection-done'] },
  'water-plug': { part: waterPlug, reads: [] },
  'cement-plaster': cementCoats,
  'lath-and-plaster': cementCoats,
  'lime-plaster': coats,
  'gypsum-plaster': coats,
  'plaster-reattach': { part: plasterReattach, reads: face },
  'setting-compound-5': setting,
  'setting-compound-20': setting,
  'setting-compound-45': setting,
  'setting-compound-90': setting,
  'drying-compound': setting,
  'vinyl-spackle': { part: fillSpots, reads: [...face, 'sanding-drywall', 'drying-air'] },
  're-tape': { part: tapedLine, reads: board },
  'floating-corner': { part: tapedLine, reads: board },
  'fastener-reset': { part: fastenerReset, reads: [...face, 'sanding-drywall', 'drying-air'] },
  'smooth-and-paint': { part: smoothAndPaint, reads: [...face, 'sanding-drywall', 'drying-air'] },
  'skim-coat': { part: skimWhole, reads: [...face, 'sanding-drywall', 'drying-air'] },
  'acrylic-caulk': { part: caulked, reads: face },
  'mesh-patch': { part: meshPatch, reads: [...face, 'sanding-drywall', 'drying-air', 'over-patch'] },
  'board-plug': { part: boardPlug, reads: [...face, 'sanding-drywall', 'plug-gap', 'drying-air', 'over-patch'] },
  'board-patch': { part: boardPatch, reads: [...board, 'patch-edges', 'over-patch'] },
  'backer-and-waterproofing': { part: wetWall, reads: [] },
  'epoxy-consolidant': { part: consolidate, reads: [] },
  'epoxy-timber-paste': { part: timberFill, reads: ['wood-primer', 'foam-behind', 'knife-release', 'inspecting'] },
  'epoxy-timber-putty': { part: timberFill, reads: ['wood-primer', 'foam-behind', 'knife-release', 'inspecting'] },
  'epoxy-pour-tinted': { part: tintedPour, reads: [] },
  'wood-insert': { part: woodInsert, reads: ['inspecting'] },
  'wood-splice': { part: woodSplice, reads: ['inspecting'] },
  'cap-and-drain': { part: capAndDrain, reads: [] },
  'gelcoat-paste': { part: gelcoatNick, reads: tub },
  'acrylic-polish-out': { part: polishOut, reads: ['tub-masking'] },
  'enamel-touch-up': { part: enamelChips, reads: tub },
  'polyester-fiber-putty': { part: fiberPutty, reads: [...tub, 'putty-builds', 'hardener-dose'] },
  'polyester-finish-putty': { part: finishPutty, reads: [...tub, 'hardener-dose'] },
  'two-part-coating': { part: mistCoats, reads: [...tub, 'flash-off', 'catalyst'] },
  'support-fill': { part: support, reads: tub },
  'fiberglass-laminate': { part: laminate, reads: [...tub, 'hardener-dose'] },
};

type Named = Pick<PatchSystem, 'id' | 'basedOn'>;

function familyOf({ id, basedOn = id }: Named): Family | undefined {
  return Object.hasOwn(families, basedOn) ? families[basedOn] : undefined;
}

/** Whether there is a method for systems that do it together. */
export function hasFamily(members: readonly Named[]): boolean {
  return members.every((m) => familyOf(m) !== undefined);
}

/** The questions of the trade whose side the part of a system follows. */
export function familyReads(system: Named): readonly string[] {
  return familyOf(system)?.reads ?? [];
}

/**
 * The whole method of what was chosen: each system adds its part, in their order.
 * @throws Missing where something that it rests on was not measured
 * @throws OutOfRange where a figure is outside what a formula holds for
 */
export function workMethod(matter: MethodMatter): WorkMethod {
  const [first] = matter.members;
  if (!first) throw new Error('no system to work with');
  const course = new Course(matter, first);
  opening(course);
  for (const member of matter.members) {
    const family = familyOf(member);
    if (!family) throw new Error(`${member.title} has no method`);
    course.system = member;
    family.part(course);
  }
  repaint(course);
  course.finally(putAway(course.isCovered), course.rate('tidy'));
  if (matter.members.length > 1) course.named = 'one after the other';
  return course.done();
}
