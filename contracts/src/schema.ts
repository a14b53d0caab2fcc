import 'reflect-metadata';

export type Schema = Readonly<Record<string, unknown>>;

interface Described {
  readonly schema: () => Schema;
  readonly optional: boolean;
}

const place = Symbol('fields of the schema');

/** Notes the JSON Schema of a field beside its checks, so that both come from one decorator. */
export function describeField(target: object, key: string, schema: Schema | (() => Schema), optional = false): void {
  const own = (Reflect.getOwnMetadata(place, target) ?? new Map<string, Described>()) as Map<string, Described>;
  own.set(key, { schema: typeof schema === 'function' ? schema : () => schema, optional });
  Reflect.defineMetadata(place, own, target);
}

/** Notes that a field which is described may be left out. */
export function makeOptional(target: object, key: string): void {
  const own = Reflect.getOwnMetadata(place, target) as Map<string, Described> | undefined;
  const described = own?.get(key);
  if (described) own?.set(key, { ...described, optional: true });
}

/** An object schema in which nothing else may stand. */
export function objectSchema(properties: Readonly<Record<string, Schema>>, optional: readonly string[] = []): Schema {
  const required = Object.keys(properties).filter((key) => !optional.includes(key));
  return { type: 'object', properties, ...(required.length > 0 && { required }), additionalProperties: false };
}

/** The JSON Schema of a contract class, from the decorators of its fields and of those it extends. */
export function schemaOf(contract: abstract new (...args: never[]) => object): Schema {
  const chain: object[] = [];
  for (let at = contract.prototype as object | null; at !== null && at !== Object.prototype; at = Object.getPrototypeOf(at) as object | null) chain.unshift(at);
  const fields = chain.flatMap((prototype) => [...((Reflect.getOwnMetadata(place, prototype) ?? new Map()) as Map<string, Described>)]);
  return objectSchema(
    Object.fromEntries(fields.map(([key, { schema }]) => [key, schema()])),
    fields.filter(([, { optional }]) => optional).map(([key]) => key),
  );
}

const leastShared = 160;

/**
 * The same schemas with every larger part that stands in them more than once told once, and referred to.
 * @param at where the parts are told, such as `#/$defs/`
 */
export function withSharedParts<T extends Schema>(schemas: T, at: string): { readonly schemas: T; readonly parts: Readonly<Record<string, Schema>> } {
  const seen = new Map<string, number>();
  const count = (value: unknown) => {
    if (Array.isArray(value)) value.forEach(count);
    else if (typeof value === 'object' && value !== null) {
      const text = JSON.stringify(value);
      const times = (seen.get(text) ?? 0) + 1;
      seen.set(text, times);
      // what lies inside a part that is told once already counts once
      if (times === 1) Object.values(value).forEach(count);
    }
  };
  count(schemas);
  const parts: Record<string, Schema> = {};
  const names = new Map<string, string>();
  const inside = (value: object): unknown => Object.fromEntries(Object.entries(value).map(([key, one]) => [key, shared(one)]));
  const shared = (value: unknown): unknown => {
    if (Array.isArray(value)) return value.map(shared);
    if (typeof value !== 'object' || value === null) return value;
    const text = JSON.stringify(value);
    const isSchema = 'type' in value || 'anyOf' in value || 'enum' in value;
    if (!isSchema || text.length < leastShared || (seen.get(text) ?? 0) < 2) return inside(value);
    const name = names.get(text) ?? `Part${String(names.size + 1)}`;
    if (!names.has(text)) {
      names.set(text, name);
      parts[name] = inside(value) as Schema;
    }
    return { $ref: `${at}${name}` };
  };
  return { schemas: inside(schemas) as T, parts };
}
