import type { QuantityKind } from '../quantity/kind.ts';
import type { Sourced } from '../quantity/ledger.ts';
import { productFigures, put } from './product.ts';
import type { PatchSystem } from './patchSystem.ts';

/** A figure of a system that may be tried out: where it stands, what it is, and between what it may lie. */
export interface TriedFigure {
  readonly path: string;
  readonly label: string;
  readonly kind: QuantityKind;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

const lifts = ['floor', 'wall', 'overhead', 'edge'] as const;

/** The thickest lift and the dose of hardener of systems that do it together, where they have such a figure. */
export function triedFigures(systems: readonly PatchSystem[], position: string | undefined): readonly (TriedFigure & { readonly system: string })[] {
  return systems.flatMap((system) => {
    const at = lifts.find((l) => l === position && system.lift?.[l]) ?? lifts.find((l) => system.lift?.[l]);
    const lift = at && system.lift?.[at];
    const thick = system.working?.thickestLift ?? lift;
    const path = system.working ? 'working/thickestLift' : `lift/${at ?? ''}`;
    const dose = system.figures?.['dose'];
    return [
      ...((thick && at !== undefined) || system.working
        ? [
            {
              system: system.id,
              path,
              label: 'Thickest lift',
              kind: 'depth' as const,
              value: thick?.value ?? 0,
              least: Math.max(1, Math.round((thick?.value ?? 10) * 0.3)),
              most: Math.round((thick?.value ?? 10) * 1.5),
              step: 0.5,
            },
          ]
        : []),
      ...(dose
        ? [{ system: system.id, path: 'figures/dose', label: 'Hardener', kind: 'percent' as const, value: dose.value, least: 1, most: 3, step: 0.1 }]
        : []),
    ];
  });
}

/** A shelf in which figures of one system are tried out: by their path, in the base unit of their kind. */
export function withFigures(shelf: readonly PatchSystem[], id: string, figures: Readonly<Record<string, number>>): readonly PatchSystem[] {
  return shelf.map((system) => {
    if (system.id !== id) return system;
    const known = productFigures(system);
    const made = Object.entries(figures).reduce<Record<string, unknown>>(
      (one, [path, value]) => {
        const figure = known.find((f) => f.path === path);
        return figure ? put(one, path.split('/'), { value, kind: figure.kind, source: 'firm', label: figure.label } satisfies Sourced) : one;
      },
      { ...system },
    );
    return made as unknown as PatchSystem;
  });
}
