import { engineSheetJsonSchema } from './jsonSchema';

/** As much of JSON Schema as a sheet's schema uses. */
export interface SchemaNode {
  readonly $ref?: string;
  readonly type?: string;
  readonly properties?: Readonly<Record<string, SchemaNode>>;
  readonly required?: readonly string[];
  readonly items?: SchemaNode;
  readonly prefixItems?: readonly SchemaNode[];
  readonly enum?: readonly string[];
  readonly const?: unknown;
  readonly anyOf?: readonly SchemaNode[];
  readonly oneOf?: readonly SchemaNode[];
  readonly description?: string;
  readonly maxLength?: number;
}

interface Root extends SchemaNode {
  readonly $defs?: Readonly<Record<string, SchemaNode>>;
}

let root: Root | null = null;

/** The published schema, made once, the first time a sheet is entered. */
export function sheetSchema(): Root {
  root ??= engineSheetJsonSchema() as Root;
  return root;
}

/** The name a shape is published under: "LengthFigure", "Stage". */
export function nameOf(node: SchemaNode): string | null {
  return node.$ref?.split('/').at(-1) ?? null;
}

/** The shape itself, where a node only names it. */
export function resolved(node: SchemaNode): SchemaNode {
  const name = nameOf(node);
  return (name !== null && sheetSchema().$defs?.[name]) || node;
}

/** The shapes a node may take; empty where it has one. */
export function branchesOf(node: SchemaNode): readonly SchemaNode[] {
  const { anyOf, oneOf } = resolved(node);
  return (oneOf ?? anyOf ?? []).map(resolved);
}

/** The field by which the shapes of a union are told apart, with every value it may have. */
export function discriminatorOf(
  branches: readonly SchemaNode[],
): { readonly key: string; readonly values: readonly string[] } | null {
  const keys = Object.keys(branches[0]?.properties ?? {});
  const key = keys.find((item) =>
    branches.every((branch) => valuesOf(branch.properties?.[item]).length > 0),
  );
  if (key === undefined || key === 'from') return null;
  return { key, values: branches.flatMap((branch) => valuesOf(branch.properties?.[key])) };
}

function valuesOf(node: SchemaNode | undefined): readonly string[] {
  if (!node) return [];
  if (typeof node.const === 'string') return [node.const];
  return node.enum ?? [];
}

/** The shape a value has among several: by its discriminator, else by the fields it has. */
export function branchFor(branches: readonly SchemaNode[], value: unknown): SchemaNode | undefined {
  const object = (typeof value === 'object' && value !== null ? value : {}) as Readonly<
    Record<string, unknown>
  >;
  const by = discriminatorOf(branches);
  if (by) {
    return branches.find((branch) =>
      valuesOf(branch.properties?.[by.key]).includes(String(object[by.key])),
    );
  }
  return branches.find((branch) =>
    Object.keys(object).some((key) => key in (branch.properties ?? {}) && key !== 'source'),
  );
}
