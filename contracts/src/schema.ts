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
