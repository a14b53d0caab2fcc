/** Makes something when it is first asked for, and keeps it. */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | undefined;
  return () => (made ??= { value: make() }).value;
}

/** Makes something of each when it is first asked for, and keeps it. */
export function keptBy<K, T>(make: (of: K) => T): (of: K) => T {
  const known = new Map<K, { readonly value: T }>();
  return (of) => {
    const made = known.get(of) ?? { value: make(of) };
    known.set(of, made);
    return made.value;
  };
}
