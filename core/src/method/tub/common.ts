import { tubWork } from '../../shelf/usual/tubWork.ts';
import { doseAt, liquidPeroxide, pastePeroxide, withinSheet } from '../../mixing/hardener.ts';
import { ribbonLength, hardenerWeight } from '../../mixing/proportions.ts';
import type { Figure } from '../../quantity/figure.ts';
import { adhesionPromoter } from '../../shelf/auxiliaries/adhesionPromoter.ts';
import { grits } from '../../shelf/usual/grits.ts';
import type { Course } from '../course.ts';
import { circle, frontView, rectangle } from '../../geometry/layeredSection.ts';
import type { Region } from '../../geometry/section.ts';
import { say } from '../../quantity/saying.ts';
import { sides } from '../parts.ts';
import { drainBehind, dryBehind } from '../words/tubOpen.ts';
import { cleanTub, leakTest, maskTub, matchColor, stopCrack, tubInUse, warmTub } from '../words/tubbing.ts';

export const grit = (c: Course, ladder: readonly (keyof typeof grits)[]) => ladder.map((name) => c.get(grits[name]));

/** Width and height of the place; a crack is as wide as the vee that it is opened to. */
export function placeOf(c: Course): readonly [Figure, Figure] {
  const length = c.matter.measure('lengthMm');
  return length ? [length, c.get(tubWork.figures.opened)] : sides(c);
}

/** Whether the shell is or may be open right through: water stands behind it then, and it is tried for tightness. */
export const throughShell = (c: Course) => c.matter.subject.kind === 'tub-hole' || ['yes', 'unknown'].includes(c.matter.choice('through') ?? '');

/** Water that came through a shell stands behind it: out, dried, and looked at before anything closes it. */
function letOut(c: Course, dry: Figure): void {
  const crack = c.matter.measure('lengthMm');
  // it is let out through the holes that stop the crack
  if (crack && c.matter.members.some(({ id, basedOn = id }) => stopping.includes(basedOn))) stopped(c, crack);
  c.work(drainBehind(dry, crack === undefined), c.rate('washTub'));
  c.atLeast(c.fixed(dry));
  c.work(dryBehind(crack === undefined), c.each('spotEach'));
}

/** Washing, warming and masking, once. */
export function begin(c: Course, past: Figure): void {
  if (!c.once('tub')) return;
  const shell = c.matter.choice('shell');
  const acetone = (shell === 'gelcoat' || shell === 'enamel') && (c.school('tub-cleaner', 'acetone')?.value ?? 0) > 0;
  const dripped = c.matter.choice('drip') === 'yes';
  // only what let water in, was dripped on or is sprayed over has to dry for long; a nick is wiped dry
  const dries = dripped || c.anyDoes('sprayed') || c.matter.measure('lengthMm') !== undefined || throughShell(c);
  const dry = dries ? c.get(tubWork.figures[dripped ? 'dryAfterDrip' : 'dryBefore']) : undefined;
  const mask = () => c.work(maskTub(past, (c.school('tub-masking', 'byHand')?.value ?? 0) === 0), c.rate('maskTub'));
  const maskFirst = c.school('clean-or-mask', 'maskFirst') !== undefined;
  if (maskFirst) mask();
  const open = throughShell(c);
  c.work(cleanTub(open ? undefined : dry, c.matter.choice('silicone') === 'yes', dripped, open, acetone ? 'acetone' : 'detergent'), c.rate('washTub'));
  if (open && dry) letOut(c, dry);
  else if (dry) c.atLeast(c.fixed(dry));
  // all that is worked in one go shares a room: the narrowest of their windows
  const coats = c.anyDoes('sprayed');
  const mins = [...c.matter.members.flatMap((m) => m.slabC.min ?? []), ...(coats ? [adhesionPromoter.slabC.min] : [])].sort((a, b) => b.value - a.value);
  const maxs = c.matter.members.flatMap((m) => m.slabC.max ?? []).sort((a, b) => a.value - b.value);
  mins.forEach((m) => c.get(m));
  c.work(warmTub(c.limit(mins[0], 'least temperature'), c.limit(maxs[0], 'highest temperature')), c.rate('readySetUp'));
  if (!maskFirst) mask();
}

/** a vee is drawn no narrower than this share of the length of its crack: at its scale it would not be seen */
const leastDrawn = 0.03;

/** systems that go into a crack that was stopped and opened */
const stopping: readonly string[] = ['fiberglass-laminate', 'polyester-fiber-putty'];

/** A crack of a shell is stopped at both ends and opened to a vee, once. */
export function stopped(c: Course, crack: Figure): void {
  if (!c.once('stopped')) return;
  const [hole, opened] = [c.get(tubWork.figures.stopHole), c.get(tubWork.figures.opened)];
  c.work(stopCrack(hole, opened, crack), c.byLength('readySetUp', 'rakePace', crack, 'Stopping the crack'));
}

/** What stops a crack, from the front. */
export function stoppedPicture(c: Course, crack: Figure): void {
  const [hole, opened] = [c.get(tubWork.figures.stopHole), c.get(tubWork.figures.opened)];
  const wider = Math.max(1, (crack.value * leastDrawn) / opened.value);
  const [L, half, r] = [crack.value, (opened.value * wider) / 2, (hole.value * wider) / 2];
  const room = Math.max(L * 0.12, half * 4);
  c.sections.push(
    frontView({
      caption: say`From the front: stopped and opened`,
      footnote: wider > 1 ? say`to scale along it; holes and vee drawn wider` : say`to scale`,
      ground: 'shell',
      widthMm: L,
      heightMm: room * 2,
      marginMm: L * 0.12,
      regions: [
        { id: 'vee', material: 'hollow', outline: rectangle(0, room - half, L, room + half) },
        ...[0, L].map((x, i): Region => ({ id: `stop-${String(i + 1)}`, material: 'open', outline: circle(x, room, r) })),
      ],
      dimensions: [{ id: 'crack', along: 'x', from: [0, room + half], to: [L, room + half], figure: crack, side: 'below' }],
      notes: [
        { id: 'stop', at: [L, room - r], title: say`stop hole, ${hole}`, detail: say`just past its end` },
        { id: 'vee', at: [L * 0.4, room - half], title: say`vee, ${opened} wide`, detail: say`${c.get(tubWork.figures.vee)} deep` },
      ],
    }),
  );
}

/** Matching the color of what goes on last, where a match was asked for. */
export function matchIt(c: Course): void {
  if (c.matter.choice('match') !== 'no') c.work(matchColor(c.get(tubWork.figures.additions)), c.rate('matchColor'));
}

export function end(c: Course, after: string): void {
  const own = c.curing(c.get('use' in c.system.ready ? c.system.ready.use : c.system.ready.foot), 'In use after');
  const water = c.untilUse(c.system.figures?.['water'] ? c.curing(c.of('water'), 'Dry until') : own);
  if (throughShell(c)) c.ready(leakTest(water.minutes), water, after);
  c.ready(tubInUse(water.minutes, c.matter.choice('part') === 'floor', c.school('tub-use-between', 'dry'), c.mixes.length > 0), water, after);
}

/** A dose by the temperature, never under the least of the sheet nor over its most. */
const heldToSheet = (c: Course, dosePct: Figure): Figure => c.ledger.compute(withinSheet, { dosePct, leastPct: c.of('doseLeast'), mostPct: c.of('doseMost') });

/** Liquid hardener for gelcoat: the dose of the sheet, by the temperature of the shell. */
export function liquidDose(c: Course): Figure {
  const usualAt = (roomC: Figure) => c.ledger.compute(liquidPeroxide, { roomC });
  const room = c.get(tubWork.figures.doseRoom);
  return heldToSheet(c, c.ledger.compute(doseAt, { sheetPct: c.of('dose'), usualPct: usualAt(c.groundC), at20Pct: usualAt(room) }));
}

/** Hardener for polyester by the room: nothing is dosed where it is too cold. */
export function dosed(c: Course, resinG: Figure): { readonly dose: Figure; readonly hardener: Figure } {
  const dose = heldToSheet(c, c.ledger.compute(pastePeroxide, { roomC: c.groundC }));
  const hardener = c.ledger.compute(hardenerWeight, { resinG, dosePct: dose });
  const ribbon = c.school('hardener-dose', 'ribbon');
  if (ribbon)
    c.amount(
      `ribbon-${c.system.id}`,
      'Ribbon of hardener, for one mix',
      c.ledger.compute(ribbonLength, { hardenerG: hardener, densityKgL: c.get(tubWork.figures.hardener), ribbonMm: ribbon }),
    );
  return { dose, hardener };
}
