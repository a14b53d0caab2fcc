/** The size of a picture so that no side is longer than it may be; never larger than it is. */
export function fittedSize(width: number, height: number, longest: number): { readonly width: number; readonly height: number } {
  const scale = Math.min(1, longest / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}
