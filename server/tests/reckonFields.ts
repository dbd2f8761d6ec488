import { z } from 'zod';

/** As much of JSON Schema as a reckoning's uses. */
interface Node {
  readonly description?: string;
  readonly type?: string;
  readonly const?: unknown;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly required?: readonly string[];
  readonly properties?: Readonly<Record<string, Node>>;
  readonly items?: Node;
  readonly prefixItems?: readonly Node[];
  readonly anyOf?: readonly Node[];
  readonly oneOf?: readonly Node[];
}

export const schemaOf = (schema: z.ZodType): Node => z.toJSONSchema(schema) as Node;

const branches = (node: Node): readonly Node[] => node.anyOf ?? node.oneOf ?? [];

/** Every field of a schema, by its path. */
export function fieldsOf(node: Node, at = ''): readonly (readonly [string, Node])[] {
  return [
    ...Object.entries(node.properties ?? {}).flatMap(([name, field]) => {
      const path = at === '' ? name : `${at}.${name}`;
      return [[path, field] as const, ...fieldsOf(field, path)];
    }),
    ...[
      ...branches(node),
      ...(node.prefixItems ?? []),
      ...(node.items ? [node.items] : []),
    ].flatMap((inner) => fieldsOf(inner, at)),
  ];
}

/** What a field says of itself, or does where it may also be null. */
export function descriptionOf(node: Node): string {
  return node.description ?? branches(node).map(descriptionOf).find(Boolean) ?? '';
}

interface Place {
  readonly path: readonly (string | number)[];
  readonly node: Node;
}

/** Every place of a value at which a number stands, or could. */
export function numbersIn(
  node: Node,
  value: unknown,
  path: readonly (string | number)[] = [],
): readonly Place[] {
  const isNumber = node.type === 'number' || node.type === 'integer';
  if (isNumber && node.const === undefined) return [{ path, node }];
  const fitting = branches(node).find((branch) => fits(branch, value));
  if (fitting) return numbersIn(fitting, value, path);
  if (Array.isArray(value)) {
    return value.flatMap((entry: unknown, at) => {
      const inner = node.prefixItems?.[at] ?? node.items;
      return inner ? numbersIn(inner, entry, [...path, at]) : [];
    });
  }
  const holder = (value ?? {}) as Readonly<Record<string, unknown>>;
  return Object.entries(node.properties ?? {}).flatMap(([name, field]) =>
    numbersIn(field, holder[name], [...path, name]),
  );
}

/** Whether a branch of a union is the one a value is of, by its fields and what is fixed in them. */
function fits(node: Node, value: unknown): boolean {
  if (Array.isArray(value)) return node.type === 'array';
  if (typeof value !== 'object' || value === null) return node.type === typeof value;
  return (node.required ?? []).every((name) => {
    const fixed = node.properties?.[name]?.const;
    return name in value && (fixed === undefined || fixed === (value as never)[name]);
  });
}

/** A value with another at one of its places. */
export function withAt(value: unknown, [step, ...rest]: Place['path'], to: unknown): unknown {
  if (step === undefined) return to;
  if (Array.isArray(value))
    return value.map((entry: unknown, at) => (at === step ? withAt(entry, rest, to) : entry));
  const holder = (value ?? {}) as Readonly<Record<string, unknown>>;
  return { ...holder, [step]: withAt(holder[step], rest, to) };
}
