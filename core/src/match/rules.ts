import { answers } from './rules/answers.ts';
import { ageRule } from './rules/age.ts';
import { behindRule } from './rules/behind.ts';
import { claimRule } from './rules/claim.ts';
import { depthRule } from './rules/depth.ts';
import { dewMarginRule } from './rules/dewMargin.ts';
import { extentRule } from './rules/extent.ts';
import { flexRule } from './rules/flex.ts';
import { gapRule } from './rules/gap.ts';
import { liftsRule } from './rules/lifts.ts';
import { nightRule } from './rules/night.ts';
import { overConcreteRule } from './rules/overConcrete.ts';
import { penetrationRule } from './rules/penetration.ts';
import { preparationRule } from './rules/preparation.ts';
import { servesRule } from './rules/serves.ts';
import { standsUpRule } from './rules/standsUp.ts';
import { temperatureRule } from './rules/temperature.ts';
import { wallRule } from './rules/wall.ts';
import { widthRule } from './rules/width.ts';
import { woodMoistureRule } from './rules/woodMoisture.ts';
import { workingTimeRule } from './rules/workingTime.ts';
import type { Rule } from './verdict.ts';

/**
 * The rules of Match, in the order in which a deciding reason is looked for; whether the work is of its kind
 * at all comes before them. A new rule is one file and one line here; one
 * about an answer alone is a line in `rules/answers.ts` and one here.
 */
export const matchRules: readonly Rule[] = [
  answers.moisture,
  answers.movement,
  temperatureRule,
  nightRule,
  dewMarginRule,
  ageRule,
  woodMoistureRule,
  widthRule,
  depthRule,
  standsUpRule,
  extentRule,
  behindRule,
  gapRule,
  servesRule,
  wallRule,
  liftsRule,
  overConcreteRule,
  preparationRule,
  penetrationRule,
  answers.position,
  answers.traffic,
  answers.finish,
  answers.member,
  answers.place,
  answers.wetUse,
  claimRule,
  answers.end,
  answers.loaded,
  answers.water,
  answers.rated,
  answers.softened,
  answers.fastener,
  answers.loose,
  answers.binder,
  answers.base,
  answers.lath,
  answers.body,
  answers.shell,
  answers.part,
  flexRule,
  answers.oil,
  answers.joint,
  answers.bar,
  answers.occupied,
  answers.fault,
  answers.look,
  workingTimeRule,
];
