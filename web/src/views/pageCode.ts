import { encode } from 'uqr';

/** A code that a camera reads: the modules of its side with a border of two, and its dark ones as a path. */
export function pageCode(address: string): { readonly size: number; readonly path: string } {
  const { data, size } = encode(address, { ecc: 'L', border: 2 });
  return { size, path: data.flatMap((row, y) => row.flatMap((dark, x) => (dark ? [`M${String(x)} ${String(y)}h1v1h-1z`] : []))).join('') };
}
