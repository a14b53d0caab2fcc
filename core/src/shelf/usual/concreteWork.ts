import { assumed, of } from '../sourced.ts';
import type { Usual } from './usual.ts';

export const concreteWork = {
  id: 'concrete-work',
  title: 'Concrete and joints',
  what: 'is what works on concrete have in common',
  figures: {
    portBase: assumed(10, 'volume', 'practice', 'Paste under the base of a port'),
    plugged: assumed(15, 'depth', 'practice', 'Holes of packers are plugged so deep'),
    driesAfterWash: assumed(1440, 'duration', 'practice', 'Ground dry after washing'),
    firstSounding: assumed(1, 'age', 'practice', 'First sounding'),
    secondSounding: assumed(7, 'age', 'practice', 'Second sounding'),
    firstLook: assumed(1, 'age', 'practice', 'First look for water'),
    windowWaits: assumed(2, 'ratio', 'judgement', 'Window for the next lift no shorter than so many waits'),
    passes: assumed(2, 'count', 'practice', 'Passes of a fairing coat, at least'),
    wall: assumed(200, 'depth', 'practice', 'Thickness of the wall, where not known'),
    faceDries: assumed(60, 'duration', 'practice', 'Drying the face of a crack'),
    pasteWorked: assumed(30, 'duration', 'generic-sheet', 'Working time of the paste'),
    heldAtNext: assumed(0, 'duration', 'practice', 'Held when the next port shows'),
    roughness: assumed(4, 'ratio', 'practice', 'Roughness of the faces of a crack'),
    cutBack: assumed(19, 'depth', 'practice', 'Edges of a joint cut back no less than'),
    sandFills: assumed(0.6, 'ratio', 'practice', 'Share of a joint that sand fills'),
    soft: assumed(10, 'duration', 'practice', 'Joint filler while it is soft'),
    sawCut: assumed(38, 'depth', 'practice', 'Depth of the saw cut, where not measured'),
    pinnedFrom: assumed(50, 'depth', 'practice', 'Pinned from this overhang on'),
    stone: assumed(20, 'depth', 'practice', 'Largest stone, where not measured'),
    behindBar: of(19, 'depth', 'icri-310-1r', 'Least clearance behind a bar'),
    overStone: of(6, 'depth', 'icri-310-1r', 'Margin over the largest stone'),
    purge: assumed(0.333333333333, 'ratio', 'practice', 'Half a mixer purged every so much of the gel time'),
    idle: assumed(0.5, 'ratio', 'practice', 'New mixer after standing so much of the gel time'),
  },
} as const satisfies Usual;
