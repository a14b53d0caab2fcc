import { boardWork } from '../../shelf/usual/boardWork.ts';
import { settingWorkingTime } from '../../climate/drying.ts';
import {
  alongMembers,
  backerLength,
  betweenMembers,
  cleatCount,
  dabCount,
  dabVolume,
  openingToFraming,
  sawStop,
  screwsInAll,
  screwsOnBackers,
  tapeLength,
} from '../../finishing/board.ts';
import { screwCount } from '../../finishing/face.ts';
import { acrossRim, stripArea } from '../../geometry/outline.ts';
import { frontView, layeredSection, rectangle } from '../../geometry/layeredSection.ts';
import type { Note, Region } from '../../geometry/section.ts';
import { coatVolume, cutOutVolume } from '../../mixing/mortarBatch.ts';
import { say } from '../../quantity/saying.ts';
import { gypsumBacker } from '../../shelf/auxiliaries/gypsumBacker.ts';
import { tapePaper } from '../../shelf/auxiliaries/tapePaper.ts';
import { woodBacker } from '../../shelf/auxiliaries/woodBacker.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { Course } from '../course.ts';
import { faceArea, mixed, sides } from '../parts.ts';
import { backPatch, cutOpening, dabPatch, prefillGaps, screwPatch } from '../words/boarding.ts';
import { bedTape } from '../words/taping.ts';
import { layOut } from '../words/protecting.ts';
import { halfOf } from '../../finishing/board.ts';
import { mixSetting, settle, films } from './compound.ts';
import { cover, finishBoard } from './fill.ts';
import { overIt, runOutHump, untilSet } from './patchCoats.ts';
import { screwHere } from './screws.ts';

/** How far apart members stand. */
export const framing = (c: Course): Figure => c.matter.measure('framingMm') ?? c.get(boardWork.figures.framing);

/** The new board, on dabs where nothing takes a screw, else screwed along its edges. */
function fixBoard(c: Course, width: Figure, height: Figure, masonry: boolean, onCleats: Figure | undefined): void {
  const { ledger } = c;
  const patch = faceArea(c, width, height, 'New board');
  if (masonry) {
    const apart = c.ofAuxiliary(gypsumBacker, 'daubs');
    const dabs = ledger.compute(dabCount, { widthMm: width, heightMm: height, spacingMm: apart, edgeMm: c.get(boardWork.figures.dabFromEdge) });
    const volume = ledger.compute(dabVolume, {
      dabs,
      acrossMm: c.get(boardWork.figures.dabAcross),
      thickMm: c.get(boardWork.figures.dabThick),
    });
    c.work(dabPatch(dabs, volume, apart), c.byCount('mixMin', 'spotEach', dabs, 'Setting the board'), {
      uses: [c.use('board', 'Board of the same thickness', 'board', patch), c.use('dabs', 'Board adhesive', 'adhesive', volume, gypsumBacker.id)],
    });
    c.amount('dabs', 'Dabs', dabs);
  } else {
    const apart = c.of(c.overhead ? 'screwsAbove' : 'screws');
    const each = ledger.compute(screwCount, { lengthMm: height, spacingMm: apart, endMm: c.of('end') }, 'Screws along an edge');
    const onMembers = ledger.compute(alongMembers, { count: each, widthMm: width, spacingMm: framing(c) }, 'Screws on members');
    const screws = onCleats ? ledger.compute(screwsInAll, { part: [onMembers, onCleats] }) : onMembers;
    c.work(screwPatch(width, height, screws, apart, c.of('end'), c.of('flush')), c.byCount('fitEach', 'screwEach', screws, 'Fitting the board'), {
      uses: [c.use('board', 'Board of the same thickness', 'board', patch), c.use('screws', 'Screws', 'fixing', screws)],
    });
    c.amount('screws', 'Screws', screws);
    c.amount('screw', 'Length of a screw', screwHere(c, c.of('screw')));
  }
}

/**
 * What carries the edges that no member does: cleats between members, or backers beside the opening.
 * @returns screws that hold the old board to them; as many hold the new one
 */
function backed(
  c: Course,
  { width, height, spacing, backer, thick, past }: Readonly<Record<'width' | 'height' | 'spacing' | 'thick' | 'past', Figure>> & { readonly backer: boolean },
): Figure {
  const { ledger } = c;
  const edges = c.get(boardWork.figures.backers);
  const count = backer ? edges : ledger.compute(cleatCount, { edges, widthMm: width, spacingMm: spacing });
  const long = backer
    ? ledger.compute(backerLength, { openingMm: height, bearingMm: past })
    : ledger.compute(betweenMembers, { spacingMm: spacing, memberMm: c.get(boardWork.figures.member) }, 'A cleat');
  const apart = c.of(c.overhead ? 'screwsAbove' : 'screws');
  const along = ledger.compute(
    screwCount,
    { lengthMm: backer ? height : long, spacingMm: apart, endMm: c.get(boardWork.figures.screwFromEnd) },
    'Screws along one of them',
  );
  const screws = ledger.compute(screwsOnBackers, { along, pieces: count }, 'Screws through the old board');
  c.work(backPatch(count, long, thick, c.of('bearing'), screws, !backer), c.byCount('readySetUp', 'fitEach', count, 'Backing'), {
    uses: [
      c.use('backer', backer ? 'Backers of wood, each as long as told' : 'Cleats of wood, each as long as told', 'backing', count, woodBacker.id),
      c.use('screws', 'Screws', 'fixing', screws),
    ],
  });
  c.amount('backer', backer ? 'Backer, each' : 'Cleat, each', long);
  return screws;
}

/** The patch seen from the front: members, backers and the new board. */
function patchFront(
  c: Course,
  {
    board,
    width,
    height,
    past,
    backer,
    masonry,
  }: Readonly<Record<'board' | 'width' | 'height' | 'past', Figure>> & { readonly backer: boolean; readonly masonry: boolean },
) {
  const [W, H] = [width.value, height.value];
  const frame = c.get(boardWork.figures.member).value;
  const regions: Region[] = [];
  if (!masonry && !backer)
    [0, W].forEach((x, i) =>
      regions.push({ id: `stud-${String(i + 1)}`, material: 'frame', outline: rectangle(x - frame / 2, -H * 0.2, x + frame / 2, H * 1.2) }),
    );
  if (!masonry) {
    const t = 64;
    const places = backer
      ? [0, W].map((x) => rectangle(x - t / 2, -past.value, x + t / 2, H + past.value))
      : [0, H].map((y) => rectangle(frame / 2, y - t / 2, W - frame / 2, y + t / 2));
    places.forEach((outline, i) => regions.push({ id: `backer-${String(i + 1)}`, material: 'wood', outline }));
  }
  regions.push({ id: 'patch', material: 'compound', outline: rectangle(0, 0, W, H) });
  const notes: Note[] = [
    {
      id: 'patch',
      at: [W * 0.5, H * 0.5],
      title: say`patch, ${board} board`,
      detail: masonry ? say`on dabs, no screws` : say`screws no more than ${c.of(c.overhead ? 'screwsAbove' : 'screws')} apart`,
    },
    {
      id: 'back',
      at: [W, backer ? -past.value / 2 : H * 1.1],
      title: backer ? say`backer, ${past} past each end` : say`middle of a member`,
      detail: say`${c.of('bearing')} bears`,
    },
  ];
  return { regions, notes, W, H };
}

/** Tape around a patch, bedded in the compound that goes over it. */
function tapeAround(c: Course, tape: Figure): { readonly bedding: Figure; readonly halfTape: Figure } {
  const { ledger } = c;
  const bed = c.of('bed');
  const tapeWidth = c.ofAuxiliary(tapePaper, 'width');
  const halfTape = ledger.compute(halfOf, { acrossMm: tapeWidth }, 'Half the tape');
  const bedding = mixed(
    c,
    ledger.compute(coatVolume, { areaMm2: ledger.compute(stripArea, { lengthMm: tape, widthMm: tapeWidth }), filmMm: bed }),
    'Compound under the tape',
  );
  const bedPlacing = c.byLength('nothing', 'bedPace', tape, 'Bedding tape');
  const setting = overIt(c);
  const bedMix = setting && {
    of: 'tape-bed',
    amount: mixSetting(c, {
      id: 'tape-bed',
      title: 'Setting compound, under the tape',
      volume: bedding,
      ...setting,
      pace: bedPlacing,
      says: say`Paper tape wetted first: setting compound is stiff before it draws.`,
    }),
  };
  c.work(bedTape(tape, tapeWidth, bed, bedding, 'paper'), bedPlacing, {
    uses: [c.use('tape', 'Paper tape', 'reinforcement', tape, tapePaper.id), bedMix ?? { of: 'compound', amount: bedding }],
  });
  settle(c, bed, 'coat', true, setting?.hard);
  return { bedding, halfTape };
}

/** A patch of board on framing, or on a backer. */
export function boardPatch(c: Course): void {
  const { ledger } = c;
  const [foundW, foundH] = sides(c);
  const board = c.matter.measure('boardMm') ?? c.matter.measure('thicknessMm') ?? c.get(boardWork.figures.board);
  const soft = c.matter.measure('softMm');
  const spacing = framing(c);
  const rated = c.matter.choice('rated') === 'yes';
  const backer = !rated && (c.school('patch-edges', 'backers')?.value ?? 0) > 0;
  const [damagedW, damagedH] = soft
    ? [foundW, foundH].map((sizeMm) => ledger.compute(acrossRim, { sizeMm, rimMm: soft }, 'With the soft margin'))
    : [foundW, foundH];
  if (!damagedW || !damagedH) return;
  const width = backer ? damagedW : ledger.compute(openingToFraming, { damageMm: damagedW, spacingMm: spacing });
  const height = damagedH;
  cover(c);
  const stop = ledger.compute(sawStop, { boardMm: board, moreMm: c.get(boardWork.figures.sawDeeper) });
  c.work(
    cutOpening(
      width,
      height,
      stop,
      backer ? say`square, past what is damaged${soft ? say` and soft, ${soft}` : ''}` : say`to the middle of a member on both sides, members ${spacing} apart`,
    ),
    c.byCount('readySetUp', 'fitEach', c.rate('once'), 'Cutting the opening'),
  );
  const thick = c.ofAuxiliary(woodBacker, 'thickness');
  const past = c.ofAuxiliary(woodBacker, 'past');
  const masonry = c.matter.choice('frame') === 'other';
  const held = masonry ? undefined : backed(c, { width, height, spacing, backer, thick, past });
  c.amount('opening', 'Opening, width', width);
  c.amount('openingHeight', 'Opening, height', height);
  fixBoard(c, width, height, masonry, backer ? undefined : held);
  const tape = ledger.compute(tapeLength, { widthMm: width, heightMm: height, lapMm: c.get(boardWork.figures.tapeLap) });
  const gapVolume = mixed(
    c,
    ledger.compute(cutOutVolume, { cutMm2: ledger.compute(stripArea, { lengthMm: tape, widthMm: c.of('gap') }), depthMm: board }),
    'Compound in the gaps',
  );
  const working = ledger.compute(settingWorkingTime, { namedMin: c.of('set') });
  c.work(layOut(working, 'setting compound, tape cut to four lengths, knives from narrow to wide', c.resin), c.rate('readySetUp'));
  const prefill = mixSetting(c, {
    id: 'prefill',
    title: 'Setting compound, prefill',
    volume: gapVolume,
    named: c.of('set'),
    pace: 'compoundPerL',
    says: say`Hard before the tape.`,
  });
  c.work(prefillGaps(c.of('gap'), gapVolume), c.byLength('nothing', 'coatPace', tape, 'Prefilling'), { uses: [{ of: 'prefill', amount: prefill }] });
  untilSet(c);
  const { bedding, halfTape } = tapeAround(c, tape);
  c.amount('tape', 'Paper tape', tape);
  const wide = runOutHump(c, width, height, halfTape, [gapVolume, bedding], bedding);
  c.named = backer ? 'patched on backers' : masonry ? 'patched on dabs' : 'patched on framing';
  const { regions, notes, W, H } = patchFront(c, { board, width, height, past, backer, masonry });
  c.sections.push(
    layeredSection({
      caption: say`Cut through, the face on top`,
      ground: 'board',
      ...(!masonry && { behind: { material: 'wood' as const, thicknessMm: thick.value, title: say`${backer ? 'backer' : 'cleat or member'}, ${thick}` } }),
      width,
      depth: board,
      groundMm: board.value,
      layers: [{ id: 'board', material: 'board', thickness: board, title: say`new board, flush within ${c.of('flush')}` }],
      films: [
        {
          id: 'tape',
          title: say`paper tape over prefilled gaps`,
          across: ledger.compute(acrossRim, { sizeMm: width, rimMm: halfTape }, 'Over the tape'),
          material: 'tape',
        },
        ...films(wide.widths),
      ],
    }),
    frontView({
      caption: say`From the front: opening, framing, backing`,
      ground: 'board',
      widthMm: W,
      heightMm: H,
      marginMm: Math.max(W, H) * 0.22,
      regions,
      dimensions: [
        { id: 'width', along: 'x', from: [0, H], to: [W, H], figure: width, side: 'below' },
        { id: 'height', along: 'y', from: [W, 0], to: [W, H], figure: height, side: 'right' },
      ],
      notes,
    }),
  );
  finishBoard(c, wide.area);
}
