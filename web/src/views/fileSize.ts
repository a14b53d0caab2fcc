/** A file size as a person reads it, such as 312 KB or 1.2 MB. */
export function fileSize(bytes: number): string {
  if (bytes < 1000) return `${String(bytes)} bytes`;
  return bytes < 1_000_000 ? `${String(Math.round(bytes / 1000))} KB` : `${(bytes / 1_000_000).toFixed(1)} MB`;
}
