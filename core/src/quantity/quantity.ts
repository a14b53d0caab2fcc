import type { Figure } from './figure.ts';

/** An amount by its name, as it stands on paper and on screen. */
export interface Quantity {
  readonly id: string;
  readonly label: string;
  readonly figure: Figure;
}
