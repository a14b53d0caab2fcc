/** Which entries of a table some tools belong to, each once; an entry names its tools. */
export function byTool<Id extends string>(table: Readonly<Record<Id, { readonly tools: readonly string[] }>>): (tools: readonly string[]) => readonly Id[] {
  const ids = new Map<string, Id>((Object.keys(table) as Id[]).flatMap((id) => table[id].tools.map((tool) => [tool, id] as const)));
  return (tools) => {
    const found: Id[] = [];
    for (const tool of tools) {
      const id = ids.get(tool);
      if (id !== undefined && !found.includes(id)) found.push(id);
    }
    return found;
  };
}
