import type { SheetFinding, SheetFindingCode } from '@cardinex/core/sheet/checks/finding';
import { SHEET_FORMAT, type EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { engineSheetSchema } from './engineSheet';
import { deepIssues, read, type DeepIssue } from '../faults';

type Step = PropertyKey;
type Holder = Record<Step, unknown>;

/** What stands in for identity that has not been entered yet. */
const STAND_INS: Readonly<Record<string, unknown>> = {
  format: SHEET_FORMAT,
  id: 'draft',
  revision: 1,
  name: '?',
  description: '?',
  manual: '?',
  service: 'plant',
  fuel: 'diesel',
  strokes: 4,
  cylinder1End: 'fan',
  otherEnd: 'flywheel',
};

/** What cannot be said any more once an entry of a list had to be left out. */
const HANGS_ON: Readonly<Record<string, readonly SheetFindingCode[]>> = {
  fasteners: ['unknown-fastener', 'order-misses'],
  groups: ['unknown-group', 'group-needed'],
  stages: ['value-falls'],
  cycles: ['value-falls'],
  valves: ['unknown-valve', 'valve-without-gap', 'book-misses'],
  pieces: ['unknown-piece', 'unknown-part', 'joints-not-kit', 'no-head-piece'],
  acts: ['unknown-piece'],
  renew: ['unknown-part', 'joints-not-kit'],
  options: ['option-not-told'],
  values: ['no-value'],
};

/** How often parts are left out before giving up: a sheet is some twelve deep. */
const MOST_ROUNDS = 40;

/** The part of an unfinished sheet that has the shape of one, and how to speak of the whole from it. */
interface SoundPart {
  readonly sheet: EngineSheet;
  /** The findings that still mean something, at their places in the whole document. */
  readonly ofWhole: (findings: readonly SheetFinding[]) => readonly SheetFinding[];
}

/**
 * Leaves out of a document whatever keeps it from being a sheet, so that what has been entered can
 * be checked while the rest is still missing.
 * @returns null when not even its cylinders are known
 */
export function soundPart(document: unknown): SoundPart | null {
  if (typeof document !== 'object' || document === null || Array.isArray(document)) return null;
  const part = structuredClone(document) as Holder;
  const standIns = new Set(Object.keys(STAND_INS).filter((key) => part[key] === undefined));
  for (const key of standIns) part[key] = STAND_INS[key];
  const places = new WeakMap<object, number>();
  remember(part, places);
  const leftOut = new Set<string>();
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const parsed = read(engineSheetSchema, part);
    if (parsed.success) return finished(parsed.data, part, places, standIns, leftOut);
    const targets = deepIssues(parsed.error).map((issue) => targetOf(part, issue));
    if (targets.some(([root]) => root === undefined || root === 'layout')) return null;
    for (const target of lastFirst(targets)) leaveOut(part, target, standIns, leftOut);
  }
  return null;
}

/** Keeps where each entry of a list stood before any was left out. */
function remember(value: unknown, places: WeakMap<object, number>): void {
  if (typeof value !== 'object' || value === null) return;
  if (Array.isArray(value)) {
    value.forEach((item: unknown, place) => {
      if (typeof item === 'object' && item !== null) places.set(item, place);
      remember(item, places);
    });
    return;
  }
  for (const inner of Object.values(value)) remember(inner, places);
}

/** What to take out for an issue: what it is about, or its holder where that is missing. */
function targetOf(part: Holder, { path, missing }: DeepIssue): readonly Step[] {
  const target = missing || valueAt(part, path) === undefined ? path.slice(0, -1) : path;
  const holder = valueAt(part, target.slice(0, -1));
  const item = valueAt(part, target);
  // A list of plain words or numbers means nothing with some of them gone.
  const plain = Array.isArray(holder) && (typeof item !== 'object' || item === null);
  return plain ? target.slice(0, -1) : target;
}

/** Each place once, later entries of a list before earlier ones, so that none moves under another. */
function lastFirst(targets: readonly (readonly Step[])[]): readonly (readonly Step[])[] {
  const byText = new Map(targets.map((target) => [JSON.stringify(target), target]));
  const inside = (target: readonly Step[]): boolean =>
    target.some((_, depth) => depth > 0 && byText.has(JSON.stringify(target.slice(0, depth))));
  return [...byText.values()]
    .filter((target) => !inside(target))
    .sort((a, b) => {
      const at = a.findIndex((step, depth) => step !== b[depth]);
      const [x, y] = [a[at], b[at]];
      return typeof x === 'number' && typeof y === 'number' ? y - x : 0;
    });
}

function leaveOut(
  part: Holder,
  target: readonly Step[],
  standIns: Set<string>,
  leftOut: Set<string>,
): void {
  const [root] = target;
  const key = target.at(-1);
  const holder = valueAt(part, target.slice(0, -1));
  if (key === undefined || typeof holder !== 'object' || holder === null) return;
  if (target.length === 1 && typeof root === 'string' && root in STAND_INS) {
    part[root] = STAND_INS[root];
    standIns.add(root);
    return;
  }
  leftOut.add(String(target.findLast((step) => typeof step === 'string') ?? ''));
  if (Array.isArray(holder)) holder.splice(Number(key), 1);
  else delete (holder as Holder)[key];
}

function valueAt(value: unknown, path: readonly Step[]): unknown {
  return path.reduce<unknown>(
    (inner, step) =>
      typeof inner === 'object' && inner !== null ? (inner as Holder)[step] : undefined,
    value,
  );
}

function finished(
  sheet: EngineSheet,
  part: Holder,
  places: WeakMap<object, number>,
  standIns: ReadonlySet<string>,
  leftOut: ReadonlySet<string>,
): SoundPart {
  const silenced = new Set([...leftOut].flatMap((list) => HANGS_ON[list] ?? []));
  return {
    sheet,
    ofWhole: (findings) =>
      findings
        .filter(
          ({ at, code }) =>
            !silenced.has(code) &&
            !standIns.has(at) &&
            !(at === 'rotation.seenFrom' && standIns.has('cylinder1End')) &&
            !(at === 'rotation.seenFrom' && standIns.has('otherEnd')),
        )
        .map((finding) => ({ ...finding, at: placeInWhole(finding.at, part, places) })),
  };
}

/** A place of the part as it is counted in the whole. */
function placeInWhole(at: string, part: Holder, places: WeakMap<object, number>): string {
  let value: unknown = part;
  return at.replace(/([^.[\]]+)|\[(\d+)\]/g, (text: string, key?: string, index?: string) => {
    value = valueAt(value, [index === undefined ? (key ?? '') : Number(index)]);
    if (index === undefined) return text;
    const before = typeof value === 'object' && value !== null ? places.get(value) : undefined;
    return `[${before ?? index}]`;
  });
}
