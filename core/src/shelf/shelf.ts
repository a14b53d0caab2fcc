import { epoxyInjectionResin } from './epoxyInjectionResin.ts';
import { epoxyMortar } from './epoxyMortar.ts';
import { flexibleSealant } from './flexibleSealant.ts';
import { gravityResin } from './gravityResin.ts';
import { injectionFoam } from './injectionFoam.ts';
import type { PatchSystem } from './patchSystem.ts';
import { polymerMortar2k } from './polymerMortar2k.ts';
import { rapidCrackResin } from './rapidCrackResin.ts';

/** The generic systems that Oddment ships with. A new system is one file and one line here. */
export const genericShelf: readonly PatchSystem[] = [rapidCrackResin, gravityResin, epoxyInjectionResin, flexibleSealant, injectionFoam, polymerMortar2k, epoxyMortar];
