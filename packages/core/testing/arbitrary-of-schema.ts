import fc from 'fast-check';

/** The parts of JSON Schema that our kinds are written in. */
export interface SimpleSchema {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly items?: SimpleSchema;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly properties?: Readonly<Record<string, SimpleSchema>>;
  readonly required?: readonly string[];
  readonly $ref?: string;
  readonly oneOf?: readonly SimpleSchema[];
  readonly maxLength?: number;
}

/** Values for what is referred to by name. */
export type Named = Readonly<Record<string, fc.Arbitrary<unknown>>>;

/**
 * Values that follow a schema.
 * @param furthest - no number is further from 0, whatever the schema allows.
 * @throws RangeError for what it does not know.
 */
export function arbitraryOf(schema: SimpleSchema, named: Named, furthest = 1e6): fc.Arbitrary<unknown> {
  const { $ref, minimum = -furthest, exclusiveMinimum, minItems = 0, maxItems = 4 } = schema;
  const maximum = Math.min(schema.maximum ?? furthest, furthest);
  if ('const' in schema) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  if ($ref !== undefined) {
    const found = named[$ref.split('/').at(-1)!];
    if (!found) throw new RangeError(`Nothing is known of ${$ref}`);
    return found;
  }
  if (schema.oneOf) return fc.oneof(...schema.oneOf.map((part) => arbitraryOf(part, named, furthest)));
  const least = exclusiveMinimum === undefined ? Math.max(minimum, -furthest) : exclusiveMinimum + 1e-3;
  switch (schema.type) {
    case 'integer':
      return fc.integer({ min: least, max: maximum });
    case 'number':
      // JSON knows no -0.
      return fc.double({ min: least, max: maximum, noNaN: true }).map((value) => value + 0);
    case 'boolean':
      return fc.boolean();
    case 'string':
      return fc.string({ maxLength: Math.min(schema.maxLength ?? 12, 12) });
    case 'array':
      return fc.array(arbitraryOf(schema.items!, named, furthest), {
        minLength: minItems,
        maxLength: Math.min(maxItems, minItems + 3),
      });
    case 'object': {
      const parts = Object.entries(schema.properties ?? {}).map(
        ([key, part]) => [key, arbitraryOf(part, named, furthest)] as const,
      );
      return fc.record(Object.fromEntries(parts), { requiredKeys: [...(schema.required ?? [])] });
    }
    default:
      throw new RangeError(`Nothing is known of the type ${schema.type}`);
  }
}
