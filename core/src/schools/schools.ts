import { backerRod } from './backerRod.ts';
import { bondGround } from './bondGround.ts';
import { catalyst } from './catalyst.ts';
import { chaseAtAll } from './chaseAtAll.ts';
import { chaseDepth } from './chaseDepth.ts';
import { cleanOrMask } from './cleanOrMask.ts';
import { clearFinish } from './clearFinish.ts';
import { flashOff } from './flashOff.ts';
import { foamBehind } from './foamBehind.ts';
import { hairlineAlongBar } from './hairlineAlongBar.ts';
import { hardenerDose } from './hardenerDose.ts';
import { injectionDone } from './injectionDone.ts';
import { inspecting } from './inspecting.ts';
import { jointCoats } from './jointCoats.ts';
import { jointFillerDepth } from './jointFillerDepth.ts';
import { jointRecut } from './jointRecut.ts';
import { jointWidth } from './jointWidth.ts';
import { knifeRelease } from './knifeRelease.ts';
import { leakingCrack } from './leakingCrack.ts';
import { moistCuring } from './moistCuring.ts';
import { movingCrack } from './movingCrack.ts';
import { overheadPlaster } from './overheadPlaster.ts';
import { paintOnCement } from './paintOnCement.ts';
import { patchEdge } from './patchEdge.ts';
import { patchEdges } from './patchEdges.ts';
import { plasterCoats } from './plasterCoats.ts';
import { plasterExtent } from './plasterExtent.ts';
import { overPatch } from './overPatch.ts';
import { plugGap } from './plugGap.ts';
import { portSpacing } from './portSpacing.ts';
import { primerUnderPaint } from './primerUnderPaint.ts';
import { proportions } from './proportions.ts';
import { proudOrFlush } from './proudOrFlush.ts';
import { purge } from './purge.ts';
import { puttyBuilds } from './puttyBuilds.ts';
import { rustedBar } from './rustedBar.ts';
import { sandIntoResin } from './sandIntoResin.ts';
import { dryingAir } from './dryingAir.ts';
import { sandingDrywall } from './sandingDrywall.ts';
import { secondPlacement } from './secondPlacement.ts';
import { tubCleaner } from './tubCleaner.ts';
import { tubMasking } from './tubMasking.ts';
import { tubUseBetween } from './tubUseBetween.ts';
import { woodPrimer } from './woodPrimer.ts';
import type { SchoolQuestion } from './school.ts';

/** Every question on which the trade differs, in the order of the work. A new one is one file and one line here. */
export const schoolQuestions: readonly SchoolQuestion[] = [
  chaseDepth,
  chaseAtAll,
  secondPlacement,
  sandIntoResin,
  movingCrack,
  jointFillerDepth,
  jointRecut,
  proudOrFlush,
  backerRod,
  leakingCrack,
  portSpacing,
  injectionDone,
  purge,
  rustedBar,
  hairlineAlongBar,
  patchEdge,
  bondGround,
  moistCuring,
  paintOnCement,
  plasterCoats,
  overheadPlaster,
  proportions,
  jointCoats,
  jointWidth,
  overPatch,
  plugGap,
  patchEdges,
  sandingDrywall,
  dryingAir,
  primerUnderPaint,
  foamBehind,
  woodPrimer,
  knifeRelease,
  clearFinish,
  cleanOrMask,
  tubMasking,
  tubCleaner,
  puttyBuilds,
  tubUseBetween,
  catalyst,
  hardenerDose,
  flashOff,
  inspecting,
  plasterExtent,
];

/** A question by its id. */
export function schoolQuestion(id: string): SchoolQuestion | undefined {
  return schoolQuestions.find((q) => q.id === id);
}
