import { ageRule } from './rules/age.ts';
import { barRule } from './rules/bar.ts';
import { baseRule } from './rules/base.ts';
import { behindRule } from './rules/behind.ts';
import { binderRule } from './rules/binder.ts';
import { bodyRule } from './rules/body.ts';
import { claimRule } from './rules/claim.ts';
import { depthRule } from './rules/depth.ts';
import { dewMarginRule } from './rules/dewMargin.ts';
import { endRule } from './rules/end.ts';
import { extentRule } from './rules/extent.ts';
import { finishRule } from './rules/finish.ts';
import { flexRule } from './rules/flex.ts';
import { gapRule } from './rules/gap.ts';
import { lathRule } from './rules/lath.ts';
import { liftsRule } from './rules/lifts.ts';
import { loadedRule } from './rules/loaded.ts';
import { lookRule } from './rules/look.ts';
import { memberRule } from './rules/member.ts';
import { moistureRule } from './rules/moisture.ts';
import { movementRule } from './rules/movement.ts';
import { occupiedRule } from './rules/occupied.ts';
import { oilRule } from './rules/oil.ts';
import { overConcreteRule } from './rules/overConcrete.ts';
import { partRule } from './rules/part.ts';
import { penetrationRule } from './rules/penetration.ts';
import { placeRule } from './rules/place.ts';
import { positionRule } from './rules/position.ts';
import { preparationRule } from './rules/preparation.ts';
import { ratedRule } from './rules/rated.ts';
import { shellRule } from './rules/shell.ts';
import { softenedRule } from './rules/softened.ts';
import { temperatureRule } from './rules/temperature.ts';
import { trafficRule } from './rules/traffic.ts';
import { waterRule } from './rules/water.ts';
import { wetUseRule } from './rules/wetUse.ts';
import { widthRule } from './rules/width.ts';
import { woodMoistureRule } from './rules/woodMoisture.ts';
import { workingTimeRule } from './rules/workingTime.ts';
import type { Rule } from './verdict.ts';

/**
 * The rules of Match, in the order in which a deciding reason is looked for; whether the work is of its kind
 * at all comes before them. A new rule is one file and one line here.
 */
export const matchRules: readonly Rule[] = [
  moistureRule,
  movementRule,
  temperatureRule,
  dewMarginRule,
  ageRule,
  woodMoistureRule,
  widthRule,
  depthRule,
  extentRule,
  behindRule,
  gapRule,
  liftsRule,
  overConcreteRule,
  preparationRule,
  penetrationRule,
  positionRule,
  trafficRule,
  finishRule,
  memberRule,
  placeRule,
  wetUseRule,
  claimRule,
  endRule,
  loadedRule,
  waterRule,
  ratedRule,
  softenedRule,
  binderRule,
  baseRule,
  lathRule,
  bodyRule,
  shellRule,
  partRule,
  flexRule,
  oilRule,
  barRule,
  occupiedRule,
  lookRule,
  workingTimeRule,
];
