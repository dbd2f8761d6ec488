import type { EngineSheet } from '../../core/sheet/engineSheet';

/**
 * Where two sheets differ, ids within them left aside: an author does not choose those. What names
 * a fastener, a group or a piece by its id must name the same one in both.
 */
export function sameBesideIds(sheet: EngineSheet, other: EngineSheet): readonly string[] {
  const [a, b] = [plain(sheet), plain(other)];
  const found: string[] = [];
  compare(a, b, '', found);
  return found;
}

/** The sheet with each inner id replaced by its place in its list, wherever it is named. */
function plain(sheet: EngineSheet): unknown {
  const places = (list: readonly { readonly id: string }[] = []) =>
    new Map(list.map(({ id }, place) => [id, `#${place}`]));
  const named = new Map([...places(sheet.assembly?.pieces), ...places(sheet.timing?.wheels)]);
  const { valves } = sheet.overhead ?? {};
  // Gaps with no place along the head stand in no order.
  const inOrder = [...(valves ?? [])].sort(
    (a, b) =>
      (a.alongHead ?? 0) - (b.alongHead ?? 0) ||
      a.cylinder - b.cylinder ||
      a.kind.localeCompare(b.kind),
  );
  const walk = (value: unknown, names: ReadonlyMap<string, string>, key = ''): unknown => {
    if (typeof value === 'string') return NAMED.has(key) ? placeOf(value, names) : value;
    if (typeof value !== 'object' || value === null) return value;
    if (Array.isArray(value)) return value.map((item) => walk(item, names, key));
    const held = value as Readonly<Record<string, unknown>>;
    const inner =
      'fasteners' in held
        ? new Map([...names, ...places(held.fasteners as []), ...places(held.groups as [])])
        : names;
    return Object.fromEntries(
      Object.entries(held)
        .filter(([name]) => name !== 'id')
        .map(([name, item]) => [name, walk(item, inner, name)]),
    );
  };
  return walk({ ...sheet, overhead: { ...sheet.overhead, valves: inOrder } }, named);
}

/** Fields that hold ids of other things. */
const NAMED = new Set([
  'order',
  'leaveOut',
  'group',
  'wheel',
  'meets',
  'restsOn',
  'shuts',
  'piece',
  'on',
  'needs',
  'shutBy',
  'clamps',
  'in',
  'out',
  'to',
]);

/** "head/2" by the place of the head in its list. */
function placeOf(named: string, names: ReadonlyMap<string, string>): string {
  const [id = '', ...place] = named.split('/');
  return [names.get(id) ?? id, ...place].join('/');
}

function compare(entry: unknown, other: unknown, at: string, found: string[]): void {
  if (typeof entry === 'object' && typeof other === 'object' && entry !== null && other !== null) {
    for (const key of new Set([...Object.keys(entry), ...Object.keys(other)])) {
      compare((entry as never)[key], (other as never)[key], `${at}/${key}`, found);
    }
  } else if (entry !== other) {
    found.push(`${at}: ${JSON.stringify(entry)} for ${JSON.stringify(other)}`);
  }
}
