import { ageRule } from './rules/age.ts';
import { claimRule } from './rules/claim.ts';
import { depthRule } from './rules/depth.ts';
import { dewMarginRule } from './rules/dewMargin.ts';
import { finishRule } from './rules/finish.ts';
import { memberRule } from './rules/member.ts';
import { moistureRule } from './rules/moisture.ts';
import { movementRule } from './rules/movement.ts';
import { penetrationRule } from './rules/penetration.ts';
import { placeRule } from './rules/place.ts';
import { preparationRule } from './rules/preparation.ts';
import { temperatureRule } from './rules/temperature.ts';
import { trafficRule } from './rules/traffic.ts';
import { widthRule } from './rules/width.ts';
import { workingTimeRule } from './rules/workingTime.ts';
import type { Rule } from './verdict.ts';

/** The rules of Match, in the order in which a deciding reason is looked for. A new rule is one file and one line here. */
export const matchRules: readonly Rule[] = [
  moistureRule,
  movementRule,
  temperatureRule,
  dewMarginRule,
  ageRule,
  widthRule,
  depthRule,
  preparationRule,
  penetrationRule,
  trafficRule,
  finishRule,
  memberRule,
  placeRule,
  claimRule,
  workingTimeRule,
];
