import { say } from '../quantity/saying.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { trades, type Stop, type StopMatter, type StopRule } from './stop.ts';
import { alongBar } from './stops/alongBar.ts';
import { asbestos, vermiculite } from './stops/asbestos.ts';
import { barLoss } from './stops/barLoss.ts';
import { bowed } from './stops/bowed.ts';
import { displaced } from './stops/displaced.ts';
import { grows } from './stops/grows.ts';
import { lead } from './stops/lead.ts';
import { levelCrack } from './stops/levelCrack.ts';
import { oldSealant } from './stops/oldSealant.ts';
import { overhead } from './stops/overhead.ts';
import { prestress } from './stops/prestress.ts';
import { prop } from './stops/prop.ts';
import { rated } from './stops/rated.ts';
import { rocks } from './stops/rocks.ts';
import { services } from './stops/services.ts';
import { settled } from './stops/settled.ts';
import { stairStepped } from './stops/stairStepped.ts';
import { step } from './stops/step.ts';
import { strength } from './stops/strength.ts';
import { stripping } from './stops/stripping.ts';
import { structural } from './stops/structural.ts';
import { swelling } from './stops/swelling.ts';
import { tapers } from './stops/tapers.ts';
import { timberLoad } from './stops/timberLoad.ts';
import { undercut } from './stops/undercut.ts';
import { waterPower } from './stops/waterPower.ts';
import { wallRust } from './stops/wallRust.ts';
import { wetBoard } from './stops/wetBoard.ts';

/**
 * The stops of a defect by its answers and measures, whatever its kind, in the order in which they are told. A new stop is
 * one file and one line here.
 */
export const stopRules: readonly StopRule[] = [
  prestress,
  structural,
  step,
  bowed,
  levelCrack,
  stairStepped,
  tapers,
  wallRust,
  displaced,
  alongBar,
  strength,
  barLoss,
  undercut,
  rocks,
  grows,
  settled,
  swelling,
  timberLoad,
  services,
  rated,
  wetBoard,
  prop,
  overhead,
  lead,
  asbestos,
  vermiculite,
  oldSealant,
  stripping,
  waterPower,
];

/**
 * The stops that come with the way that is gone, beside those of the place itself.
 * @param members the system in view, or those that do it together
 * @param cutting whether it cuts into the ground
 */
export function systemStops({ choice, people }: StopMatter, members: readonly Pick<PatchSystem, 'hazards'>[], cutting: boolean): Stop[] {
  const stops: Stop[] = [];
  if (cutting && choice('located') === 'no')
    stops.push({
      id: 'located',
      title: 'Not located yet',
      who: trades,
      why: say`Bars, tubing, cables and tendons are not located. Depth of cut is nothing before the scan.`,
      source: 'judgement',
      liftedBy: 'fact',
    });
  const sprayed = members.some((m) => m.hazards?.includes('sprayed') === true);
  if (sprayed && (choice('occupied') === 'inside' || choice('occupied') === 'around'))
    stops.push({
      id: 'spraying',
      title: choice('occupied') === 'inside' ? 'Spraying with people in the room' : 'Spraying with people in its air',
      who: 'a competent person, with a plan for the air and the respirator',
      why:
        choice('occupied') === 'inside'
          ? say`What is sprayed may sensitize the lungs for life, and its solvent burns. Nobody is in the room but who sprays, with supplied air as the sheet says; when the room is free again is part of the plan.`
          : say`What is sprayed may sensitize the lungs for life, and goes where the air goes. Who is next to it is out, or the room is closed off and drawn outward so that no air of it reaches them; who sees to that, and until when, is part of the plan.`,
      source: 'practice',
      liftedBy: 'decision',
    });
  // who sees him fall: of what is sprayed lungs and head take harm before it is noticed
  if (sprayed && people === 1)
    stops.push({
      id: 'alone',
      title: 'Nobody within call',
      who: 'whoever sends the crew',
      why: say`Nobody sprays this alone in the house: a second person stands within call, outside its air, and looks in. Who that is, is recorded; or a second one is put on the crew.`,
      source: 'practice',
      liftedBy: 'decision',
    });
  return stops;
}

/**
 * The stops of a defect. Each says who decides; none is lifted but by a recorded decision, or by the answer that is
 * missing. Limits are usual values: local codes and licensed practice decide.
 */
export function defectStops(matter: StopMatter): Stop[] {
  return stopRules.flatMap(({ id, judge }) => {
    const found = judge(matter);
    return found ? [{ id, ...found }] : [];
  });
}
