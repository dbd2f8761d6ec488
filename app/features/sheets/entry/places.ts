import { isFixed } from '@cardinex/core/sheet/checks/variants';
import { placeAt } from '@cardinex/core/sheet/place';
import { pointerOf } from '@cardinex/core/sheet/pointer';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { entrySteps } from '@cardinex/words/sheets/entry';
import { namedPlaceLabel } from '@cardinex/words/sheets/places';
import type { Path } from '@cardinex/core/sheet/draftPath';
import {
  branchFor,
  branchesOf,
  nameOf,
  resolved,
  sheetSchema,
  type SchemaNode,
} from '@cardinex/contract/sheets/schemaNodes';

/** One thing a sheet says, or could say: where it stands, what it is called, and its shape. */
export interface SheetPlace {
  /** Named by what stands there: `core/sheet/place`. */
  readonly place: string;
  readonly path: Path;
  readonly node: SchemaNode;
  readonly label: string;
  readonly value: unknown;
  /** The step of entry it belongs to: "fasteners". */
  readonly part: string;
}

/** What a programme may ask for, or forbid, afterwards: each may be said though the sheet does not. */
const ABOUTS = ['settle-and-check', 'after-heat', 'reuse'] as const;

/** What names a thing, or is drawn: the same whoever prints it. */
const NOT_SAID = new Set([
  ...['id', 'from', 'source', 'description', 'manual', 'note', 'service', 'fuel', 'hand', 'sister'],
  ...['name', 'mark', 'contact', 'part', 'what', 'where', 'cylinder', 'kind', 'sort', 'count'],
  ...[
    'map',
    'fasteners',
    'instances',
    'of',
    'alongHead',
    'group',
    'leaveOut',
    'farSide',
    'headGroups',
  ],
]);

/**
 * Everything on a sheet that a variant, a leaflet or a deviation can say otherwise: each figure,
 * statement and choice of the parts it has, also those it has no value for yet.
 */
export function placesOf(sheet: EngineSheet): readonly SheetPlace[] {
  const found: SheetPlace[] = [];
  const { properties = {} } = sheetSchema();
  for (const { id: part, fields } of entrySteps) {
    for (const field of fields) {
      const node = properties[field];
      const value = (sheet as unknown as Readonly<Record<string, unknown>>)[field];
      if (node && !NOT_SAID.has(field)) walk({ sheet, part, found }, node, value, [field]);
    }
  }
  return found;
}

interface Walk {
  readonly sheet: EngineSheet;
  readonly part: string;
  readonly found: SheetPlace[];
}

function walk(subject: Walk, node: SchemaNode, value: unknown, path: Path): void {
  const pointer = pointerOf(path);
  if (isFixed(pointer)) return;
  const whole = isSaidWhole(node) || path.at(-1) === 'uses';
  if (whole || path.at(-1) === 'programme')
    add(subject, placeAt(subject.sheet, pointer), node, value, path);
  if (whole || value === undefined || value === null) return;
  if (Array.isArray(value)) return walkList(subject, node, value as readonly unknown[], path);
  const shape = branchFor(branchesOf(node), value) ?? resolved(node);
  for (const [key, inner] of Object.entries(shape.properties ?? {})) {
    if (NOT_SAID.has(key) || isDiscriminator(node, key)) continue;
    const next = [...path, key];
    const held = (value as Readonly<Record<string, unknown>>)[key];
    if (key === 'afterwards') walkAfterwards(subject, inner, held, next);
    else walk(subject, inner, held, next);
  }
}

/** The shape of a thing is not a figure: one cannot be laid over the other. */
function isDiscriminator(node: SchemaNode, key: string): boolean {
  return branchesOf(node).length > 0 && branchesOf(node).every((b) => b.properties?.[key]?.const);
}

function walkList(subject: Walk, node: SchemaNode, list: readonly unknown[], path: Path): void {
  const { items = {} } = resolved(node);
  list.forEach((item, place) => walk(subject, items, item, [...path, place]));
}

/** Each that is not there yet has an index of its own, so that two can be entered side by side. */
function walkAfterwards(walk: Walk, node: SchemaNode, value: unknown, path: Path): void {
  const list = (Array.isArray(value) ? value : []) as readonly { readonly about?: string }[];
  const { items = {} } = resolved(node);
  let next = list.length;
  for (const about of ABOUTS) {
    const place = list.findIndex((entry) => entry.about === about);
    const at = [...path, place < 0 ? next++ : place];
    const named = `${placeAt(walk.sheet, pointerOf(path))}/about=${about}`;
    add(walk, named, items, place < 0 ? undefined : list[place], at);
  }
}

function add(walk: Walk, place: string, node: SchemaNode, value: unknown, path: Path): void {
  const label = namedPlaceLabel(walk.sheet, place);
  walk.found.push({ place, path, node, label, value, part: walk.part });
}

/** Figures, statements, words, choices and lists of words change as a whole. */
function isSaidWhole(node: SchemaNode): boolean {
  const name = nameOf(node) ?? '';
  if (name.endsWith('Figure') || name.startsWith('Printed')) return true;
  const shape = resolved(node);
  const branches = branchesOf(node);
  if (branches.length > 0) return branches.every((b) => !b.properties || b.properties.says);
  if (shape.properties?.says) return true;
  if (shape.type === 'array') {
    const item = resolved(shape.items ?? {});
    return item.type !== 'object' && branchesOf(shape.items ?? {}).length === 0;
  }
  return shape.type !== 'object';
}
