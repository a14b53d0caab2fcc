/** Whether a job holds all words that are searched, in its site or its client. */
export function isFound({ site, client }: { readonly site: string; readonly client: string }, search: string): boolean {
  const text = `${site} ${client}`.toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => text.includes(word));
}
