import type { Auxiliary } from './auxiliary.ts';
import { adhesionPromoter } from './adhesionPromoter.ts';
import { backerRod } from './backerRod.ts';
import { backingFoam } from './backingFoam.ts';
import { barPrimerEpoxyCement } from './barPrimerEpoxyCement.ts';
import { barPrimerZinc } from './barPrimerZinc.ts';
import { bondAcrylic } from './bondAcrylic.ts';
import { bondBreakerTape } from './bondBreakerTape.ts';
import { bondEpoxy } from './bondEpoxy.ts';
import { bondPva } from './bondPva.ts';
import { bondSbr } from './bondSbr.ts';
import { cornerBead } from './cornerBead.ts';
import { curingCompound } from './curingCompound.ts';
import { epoxyPaste } from './epoxyPaste.ts';
import { glassMeshRepair } from './glassMeshRepair.ts';
import { gypsumBacker } from './gypsumBacker.ts';
import { releaseFilm } from './releaseFilm.ts';
import { silicaSand } from './silicaSand.ts';
import { tapeGlassMesh } from './tapeGlassMesh.ts';
import { tapePaper } from './tapePaper.ts';
import { woodBacker } from './woodBacker.ts';

/** Everything that is a step of a system and no answer by itself. A new one is one file and one line here. */
export const auxiliaries: readonly Auxiliary[] = [
  cornerBead,
  curingCompound,
  epoxyPaste,
  tapePaper,
  tapeGlassMesh,
  woodBacker,
  gypsumBacker,
  bondPva,
  bondAcrylic,
  bondSbr,
  bondEpoxy,
  barPrimerEpoxyCement,
  barPrimerZinc,
  backerRod,
  bondBreakerTape,
  silicaSand,
  backingFoam,
  releaseFilm,
  adhesionPromoter,
  glassMeshRepair,
];
