import type { PatchSystem } from './patchSystem.ts';
import { acrylicCaulk } from './systems/acrylicCaulk.ts';
import { acrylicPolishOut } from './systems/acrylicPolishOut.ts';
import { backerAndWaterproofing } from './systems/backerAndWaterproofing.ts';
import { boardPatch } from './systems/boardPatch.ts';
import { boardPlug } from './systems/boardPlug.ts';
import { capAndDrain } from './systems/capAndDrain.ts';
import { cementFairingCoat } from './systems/cementFairingCoat.ts';
import { cementPlaster } from './systems/cementPlaster.ts';
import { drilledPackerEpoxy } from './systems/drilledPackerEpoxy.ts';
import { drilledPackerInjection } from './systems/drilledPackerInjection.ts';
import { dryingCompound } from './systems/dryingCompound.ts';
import { enamelTouchUp } from './systems/enamelTouchUp.ts';
import { epoxyConsolidant } from './systems/epoxyConsolidant.ts';
import { epoxyInjectionResin } from './systems/epoxyInjectionResin.ts';
import { epoxyMortar } from './systems/epoxyMortar.ts';
import { epoxyPourTinted } from './systems/epoxyPourTinted.ts';
import { epoxyTimberPaste } from './systems/epoxyTimberPaste.ts';
import { epoxyTimberPutty } from './systems/epoxyTimberPutty.ts';
import { fastenerReset } from './systems/fastenerReset.ts';
import { fiberglassLaminate } from './systems/fiberglassLaminate.ts';
import { flexibleSealant } from './systems/flexibleSealant.ts';
import { floatingCorner } from './systems/floatingCorner.ts';
import { formAndPour } from './systems/formAndPour.ts';
import { gelcoatPaste } from './systems/gelcoatPaste.ts';
import { gravityResin } from './systems/gravityResin.ts';
import { gypsumPlaster } from './systems/gypsumPlaster.ts';
import { handPackedMortar } from './systems/handPackedMortar.ts';
import { injectionFoam } from './systems/injectionFoam.ts';
import { jointFiller } from './systems/jointFiller.ts';
import { lathAndPlaster } from './systems/lathAndPlaster.ts';
import { limePlaster } from './systems/limePlaster.ts';
import { meshPatch } from './systems/meshPatch.ts';
import { plasterReattach } from './systems/plasterReattach.ts';
import { polyesterFiberPutty } from './systems/polyesterFiberPutty.ts';
import { polyesterFinishPutty } from './systems/polyesterFinishPutty.ts';
import { polymerMortar2k } from './systems/polymerMortar2k.ts';
import { rapidCrackResin } from './systems/rapidCrackResin.ts';
import { rapidRepairMortar } from './systems/rapidRepairMortar.ts';
import { reTape } from './systems/reTape.ts';
import { settingCompound20 } from './systems/settingCompound20.ts';
import { settingCompound45 } from './systems/settingCompound45.ts';
import { settingCompound5 } from './systems/settingCompound5.ts';
import { settingCompound90 } from './systems/settingCompound90.ts';
import { skimCoat } from './systems/skimCoat.ts';
import { smoothAndPaint } from './systems/smoothAndPaint.ts';
import { supportFill } from './systems/supportFill.ts';
import { twoPartCoating } from './systems/twoPartCoating.ts';
import { vinylSpackle } from './systems/vinylSpackle.ts';
import { waterPlug } from './systems/waterPlug.ts';
import { woodInsert } from './systems/woodInsert.ts';
import { woodSplice } from './systems/woodSplice.ts';

/** The generic systems that Oddment ships with. A new system is one file and one line here. */
export const genericShelf: readonly PatchSystem[] = [
  rapidCrackResin,
  gravityResin,
  epoxyInjectionResin,
  flexibleSealant,
  injectionFoam,
  polymerMortar2k,
  epoxyMortar,
  rapidRepairMortar,
  handPackedMortar,
  cementPlaster,
  formAndPour,
  waterPlug,
  cementFairingCoat,
  drilledPackerInjection,
  drilledPackerEpoxy,
  epoxyTimberPaste,
  epoxyTimberPutty,
  epoxyPourTinted,
  settingCompound5,
  settingCompound20,
  settingCompound45,
  settingCompound90,
  dryingCompound,
  reTape,
  skimCoat,
  smoothAndPaint,
  fastenerReset,
  floatingCorner,
  meshPatch,
  boardPlug,
  boardPatch,
  backerAndWaterproofing,
  gypsumPlaster,
  limePlaster,
  plasterReattach,
  lathAndPlaster,
  jointFiller,
  vinylSpackle,
  acrylicCaulk,
  woodInsert,
  woodSplice,
  capAndDrain,
  supportFill,
  fiberglassLaminate,
  polyesterFiberPutty,
  gelcoatPaste,
  acrylicPolishOut,
  twoPartCoating,
  enamelTouchUp,
  epoxyConsolidant,
  polyesterFinishPutty,
];
