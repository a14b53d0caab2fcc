import type { MixCareId } from '../shelf/mixCare.ts';
import type { MixPart } from './work.ts';

/** A share to two digits: proportions that differ by less come out of rounding, not out of another recipe. */
const near = (share: number) => String(Number(share.toPrecision(2)));

/** Of what product a mix is, of what kind, and in which proportions to its first part; what goes in once, such as tint, makes it one of its own. */
export function mixKey(of: string, care: MixCareId, parts: readonly Pick<MixPart, 'role' | 'amount' | 'once'>[]): string {
  const [first] = parts;
  const shares = parts.slice(1).map(({ role, amount, once }) => `${role} ${once === true ? 'once' : near(amount.value / (first?.amount.value ?? 1))}`);
  return [of, care, ...shares].join(', ');
}
