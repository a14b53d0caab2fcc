import { parseMeasure, type QuantityKind, type UnitSystem } from '@oddment/core';
import { useCallback, useEffect } from 'react';
import { put, useAddress } from '../state/address.ts';
import { typedText } from '../views/quickFigure.ts';

export interface Asked {
  /** what is typed, by name; nothing where the field is empty */
  readonly typed: Readonly<Record<string, string>>;
  /** the units that bare numbers are meant in */
  readonly units: UnitSystem;
  readonly set: (name: string, text: string) => void;
}

/** Kinds of the fields whose numbers change with the units. */
export type AskedKinds = Readonly<Record<string, QuantityKind>>;

/** What is typed in one unit system, written in another: a measure with its own unit stays as it is. */
export function inUnits(typed: Readonly<Record<string, string>>, kinds: AskedKinds, from: UnitSystem, to: UnitSystem): Record<string, string> {
  return Object.fromEntries(
    Object.entries(typed).map(([name, text]) => {
      const kind = kinds[name];
      if (!kind) return [name, text];
      const parts = text.split(';').map((part) => {
        const [was, would] = [parseMeasure(part, kind, from), parseMeasure(part, kind, to)];
        return !was.ok || (would.ok && would.value === was.value) ? part.trim() : typedText(was.value, { kind }, to);
      });
      return [name, parts.join('; ')];
    }),
  );
}

/**
 * What is typed on the page of figures: it stands in the address, with the units that its bare numbers are
 * meant in, so that a link holds it; in another unit system the numbers are written anew.
 */
export function useAsked(own: UnitSystem, kinds: AskedKinds): Asked {
  const [params, change] = useAddress();
  const typed = Object.fromEntries(params);
  const linked = typed['units'];
  const units = linked === 'us' || linked === 'metric' ? linked : own;
  useEffect(() => {
    if (units === own) return;
    change((next) => {
      for (const [name, text] of Object.entries({ ...inUnits(Object.fromEntries(next), kinds, units, own), units: own })) next.set(name, text);
    });
  }, [units, own, kinds, change]);
  const set = useCallback(
    (name: string, text: string) => {
      change((next) => {
        put(next, name, text);
        next.set('units', own);
      });
    },
    [own, change],
  );
  return { typed, units, set };
}
