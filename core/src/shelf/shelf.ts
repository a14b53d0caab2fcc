import type { PatchSystem } from './patchSystem.ts';
import { acrylicCaulk } from './acrylicCaulk.ts';
import { acrylicPolishOut } from './acrylicPolishOut.ts';
import { backerAndWaterproofing } from './backerAndWaterproofing.ts';
import { boardPatch } from './boardPatch.ts';
import { boardPlug } from './boardPlug.ts';
import { capAndDrain } from './capAndDrain.ts';
import { cementFairingCoat } from './cementFairingCoat.ts';
import { cementPlaster } from './cementPlaster.ts';
import { drilledPackerInjection } from './drilledPackerInjection.ts';
import { dryingCompound } from './dryingCompound.ts';
import { enamelTouchUp } from './enamelTouchUp.ts';
import { epoxyConsolidant } from './epoxyConsolidant.ts';
import { epoxyInjectionResin } from './epoxyInjectionResin.ts';
import { epoxyMortar } from './epoxyMortar.ts';
import { epoxyPourTinted } from './epoxyPourTinted.ts';
import { epoxyTimberPaste } from './epoxyTimberPaste.ts';
import { epoxyTimberPutty } from './epoxyTimberPutty.ts';
import { fastenerReset } from './fastenerReset.ts';
import { fiberglassLaminate } from './fiberglassLaminate.ts';
import { flexibleSealant } from './flexibleSealant.ts';
import { floatingCorner } from './floatingCorner.ts';
import { formAndPour } from './formAndPour.ts';
import { gelcoatPaste } from './gelcoatPaste.ts';
import { gravityResin } from './gravityResin.ts';
import { gypsumPlaster } from './gypsumPlaster.ts';
import { handPackedMortar } from './handPackedMortar.ts';
import { injectionFoam } from './injectionFoam.ts';
import { jointFiller } from './jointFiller.ts';
import { lathAndPlaster } from './lathAndPlaster.ts';
import { limePlaster } from './limePlaster.ts';
import { meshPatch } from './meshPatch.ts';
import { plasterReattach } from './plasterReattach.ts';
import { polyesterFiberPutty } from './polyesterFiberPutty.ts';
import { polyesterFinishPutty } from './polyesterFinishPutty.ts';
import { polymerMortar2k } from './polymerMortar2k.ts';
import { rapidCrackResin } from './rapidCrackResin.ts';
import { rapidRepairMortar } from './rapidRepairMortar.ts';
import { reTape } from './reTape.ts';
import { settingCompound20 } from './settingCompound20.ts';
import { settingCompound45 } from './settingCompound45.ts';
import { settingCompound5 } from './settingCompound5.ts';
import { settingCompound90 } from './settingCompound90.ts';
import { skimCoat } from './skimCoat.ts';
import { supportFill } from './supportFill.ts';
import { twoPartCoating } from './twoPartCoating.ts';
import { vinylSpackle } from './vinylSpackle.ts';
import { waterPlug } from './waterPlug.ts';
import { woodInsert } from './woodInsert.ts';
import { woodSplice } from './woodSplice.ts';

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
