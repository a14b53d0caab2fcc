import { boardWork } from '../../shelf/usual/boardWork.ts';
import { stripArea } from '../../geometry/outline.ts';
import { veeVolume } from '../../geometry/cutOut.ts';
import { layeredSection } from '../../geometry/layeredSection.ts';
import { coatVolume } from '../../mixing/mortarBatch.ts';
import type { Figure } from '../../quantity/figure.ts';
import type { Sourced } from '../../quantity/ledger.ts';
import { say } from '../../quantity/saying.ts';
import type { Auxiliary } from '../../shelf/auxiliaries/auxiliary.ts';
import { cornerBead } from '../../shelf/auxiliaries/cornerBead.ts';
import { tapeGlassMesh } from '../../shelf/auxiliaries/tapeGlassMesh.ts';
import { tapePaper } from '../../shelf/auxiliaries/tapePaper.ts';
import { settingCompound45 } from '../../shelf/systems/settingCompound45.ts';
import type { Course } from '../course.ts';
import { mixed } from '../parts.ts';
import { compoundSets, fillPlace } from '../words/boarding.ts';
import { bedBead, bedTape, cutBead, cutTape, freeCorner } from '../words/taping.ts';
import { openCrack } from '../words/plastering.ts';
import { layOut } from '../words/protecting.ts';
import { coatsFor, films, isSetting, makeReady, mixSetting, settle, smoothe, wideningCoats, workCoats, workedFor, type Go } from './compound.ts';
import { levelOf } from './level.ts';
import { screwsHere } from './screws.ts';
import { coatGoes, cover, finishBoard } from './fill.ts';

/** The gap under a tape, filled with what sets: what dries would take days in it. */
function prefilled(c: Course, { prefill, deep, placing, taken }: Readonly<Record<'prefill' | 'deep' | 'placing' | 'taken', Figure>>): void {
  const fill = (of: string, amount: Figure) => c.work(fillPlace(1, c.stated('Layers', 'count', 1), prefill, deep, true), placing, { uses: [{ of, amount }] });
  if (isSetting(c)) {
    fill('compound', taken);
    settle(c, deep, 'coat');
    return;
  }
  const { hard, named } = settingCompound45.figures;
  const mix = mixSetting(c, {
    id: 'prefill',
    title: 'Setting compound, prefill',
    volume: prefill,
    named: c.get(named),
    pace: placing,
    says: say`Hard before the tape.`,
  });
  fill('prefill', mix);
  c.wait(compoundSets(c.get(hard), 'tape'), c.fixed(c.get(hard)));
}

/** What goes over a line: a bead where the edge is knocked, mesh through setting compound, else paper. */
function overLine(c: Course): {
  readonly is: 'bead' | 'mesh' | 'paper';
  readonly of: Auxiliary & { readonly figures: { readonly width: Sourced } };
  readonly called: string;
} {
  const joint = c.matter.choice('joint');
  if (joint === 'outside') return { is: 'bead', of: cornerBead, called: 'Corner bead' };
  return isSetting(c) && joint !== 'inside' ? { is: 'mesh', of: tapeGlassMesh, called: 'Mesh tape' } : { is: 'paper', of: tapePaper, called: 'Paper tape' };
}

/** Opening the line: its bead or tape comes off, a corner is freed, or the crack alone is opened. @returns the gap that is prefilled, and what was done */
function openLine(c: Course, length: Figure, bead: boolean): { readonly gap: Figure; readonly named: string } {
  const { figures } = boardWork;
  const pace = (what: string) => c.byLength('readySetUp', 'rakePace', length, what);
  const screw = () => screwsHere(c, c.get(figures.leastScrew));
  const retape = c.does('retapes');
  const corner = c.does('floats-corner');
  const tape = c.matter.choice('tape');
  if (bead) c.work(cutBead(length, screw()), pace('Taking the bead off'));
  else if (corner) c.work(freeCorner(c.of('back'), length, c.of('screws'), screw()), pace('Freeing the corner'));
  else if (tape !== 'none' && (retape || tape === 'loose'))
    c.work(cutTape(length, retape ? c.of('cutBack') : c.get(figures.tapeCut), screw()), pace('Cutting tape out'));
  else c.work(openCrack(c.get(figures.opened), length), pace('Opening the crack'));
  if (retape) return { gap: c.of('prefill'), named: bead ? 'corner bead renewed' : 'taped anew' };
  if (corner) return { gap: c.get(figures.cornerGap), named: 'corner freed and taped' };
  return { gap: isSetting(c) ? c.of('strip') : c.get(figures.opened), named: bead ? 'corner bead renewed' : 'opened, filled, taped' };
}

/** How wide the last coat over a joint is. */
function lastWidth(c: Course): Figure {
  const joint = c.matter.choice('joint');
  if (joint === 'inside') return c.get(boardWork.figures.cornerWide);
  return joint === 'tapered' ? c.get(boardWork.figures.taperedWide) : (c.school('joint-width', 'width') ?? c.get(boardWork.figures.untaperedWide));
}

/** A joint taped anew, or a crack opened, filled and taped. */
export function tapedLine(c: Course): void {
  const { ledger } = c;
  const length = c.need('lengthMm');
  const level = levelOf(c);
  cover(c);
  const over = overLine(c);
  const { gap, named } = openLine(c, length, over.is === 'bead');
  const deep = c.matter.measure('depthMm') ?? c.get(boardWork.figures.gapDeep);
  const prefill = mixed(c, ledger.compute(veeVolume, { lengthMm: length, widthMm: gap, depthMm: deep }, 'Gap to prefill'), 'Compound to prefill');
  const width = c.get(over.of.figures.width);
  const bed = c.of('bed');
  const bedding = mixed(
    c,
    ledger.compute(coatVolume, { areaMm2: ledger.compute(stripArea, { lengthMm: length, widthMm: width }, 'Under the tape'), filmMm: bed }),
    'Compound under the tape',
  );
  const coats = coatsFor(c, level);
  const last = lastWidth(c);
  const wide = wideningCoats(c, { first: last.value < 150 ? last : c.get(boardWork.figures.firstWide), last, coats, thin: c.of('thin'), length });
  c.work(layOut(workedFor(c), `${over.is === 'bead' ? 'bead' : 'tape'} cut to length, pan, knives from narrow to wide`, c.resin), c.rate('readySetUp'));
  const bedPlacing = c.byLength('nothing', 'bedPace', length, 'Bedding tape');
  const coating = c.byLength('nothing', 'coatPace', length, 'A coat along the joint');
  const prefilling = c.byLength('nothing', 'coatPace', length, 'Prefilling');
  const taping: readonly Go[] = [{ what: 'Bed of the tape', volume: bedding, placing: bedPlacing }, ...coatGoes(wide, coating)];
  const mix = isSetting(c)
    ? makeReady(c, [...taping, { what: 'Prefill', volume: prefill, placing: prefilling, first: true }])
    : makeReady(c, taping, 'Joint compound');
  mix(taping.length);
  prefilled(c, { prefill, deep, placing: prefilling, taken: mix.taken(prefill) });
  mix(0);
  c.work(over.is === 'bead' ? bedBead(length, width, bed, bedding) : bedTape(length, width, bed, bedding, over.is), bedPlacing, {
    uses: [c.use('tape', over.called, 'reinforcement', length, over.of.id), { of: 'compound', amount: mix.taken(bedding) }],
  });
  const mixCoat = (coat: number) => {
    mix(1 + coat);
  };
  workCoats(c, wide, coats, c.of('thin'), { below: { thickness: bed, covered: over.is !== 'mesh' }, each: coating, ready: mixCoat, taken: mix.taken });
  smoothe(c, c.get(boardWork.figures.sandedPast), c.byLength('vacuumSetUp', 'coatPace', length, 'Sanding the joint'));
  c.amount('tape', over.called, length);
  c.amount('width', 'Finished width', last);
  c.named = named;
  c.sections.push(
    layeredSection({
      caption: say`Across the joint`,
      ground: c.matter.subject.surface === 'plaster' ? 'plaster' : 'board',
      width: gap,
      depth: deep,
      ...(c.matter.measure('boardMm') && { groundMm: c.need('boardMm').value }),
      shape: 'vee',
      layers: [{ id: '1', material: 'compound', lift: 1, thickness: deep, title: say`prefilled, hard before tape` }],
      films: [
        { id: 'tape', title: say`${over.called.toLowerCase()}, ${width}`, detail: say`in ${bed} of compound`, across: width, material: 'tape' },
        ...films(wide.widths),
      ],
    }),
  );
  if (c.isLast) finishBoard(c, wide.area);
}
