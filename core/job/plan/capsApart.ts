import { assemblyGraph } from '../../sheet/assembly/assemblyGraph';
import { clampedBy } from '../../sheet/assembly/clamped';
import type { Instance } from '../../sheet/assembly/instances';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { FastenedSet } from '../../sheet/spec/fastening';
import type { SetByInstance } from '../../sheet/ofInstance';
import type { ComesOff } from './comesOff';

/**
 * Main bearing caps that come off while the crank stays in: each holds it up, and one comes off at a time. In the
 * order of the bearings.
 * @returns none where the crank comes out, or no cap comes off
 */
export function mainCapsOff(sheet: EngineSheet, { because }: ComesOff): readonly Instance[] {
  const { instances, pieceOf } = assemblyGraph(sheet);
  const off = (kind: string): readonly Instance[] =>
    instances.filter(({ id }) => because.has(id) && pieceOf(id)?.kind === kind);
  // A cap over no bearing is a camshaft's.
  return off('crank').length > 0 ? [] : off('bearing-cap').filter(({ over }) => over.bearings);
}

/**
 * The sheet with main cap bolts by the cap, where a book has all caps as one set and they come off one at a time: each
 * cap is then an instance of its set, with its own bolts and its own pulls.
 */
export function withCapsApart(sheet: EngineSheet, comesOff: ComesOff): EngineSheet {
  const caps = mainCapsOff(sheet, comesOff);
  if (caps.length === 0 || !sheet.fastenedSets) return sheet;
  const apart = sheet.fastenedSets.map((set) => capByCap(sheet, set));
  return apart.every((set, at) => set === sheet.fastenedSets?.[at])
    ? sheet
    : { ...sheet, fastenedSets: apart };
}

/** A set of main caps by its caps; itself where it is by the cap already, or one bolt holds several caps. */
function capByCap(sheet: EngineSheet, set: FastenedSet): FastenedSet {
  if (set.kind !== 'main-caps' || set.instances.length !== 1) return set;
  const pieces = assemblyGraph(sheet).instances;
  const placeOf = new Map(pieces.map(({ id, place }) => [id, place]));
  const boltsAt: Record<string, string[]> = {};
  for (const { set: of, fastener, clamps } of clampedBy(sheet)) {
    const [cap, ...others] = clamps;
    if (of !== set.id) continue;
    const place = placeOf.get(cap ?? '');
    if (place === undefined || others.length > 0) return set;
    boltsAt[place] = [...(boltsAt[place] ?? []), fastener];
  }
  const places = new Set(pieces.map(({ place }) => place));
  const instances = [...places].filter((place) => boltsAt[place]);
  if (instances.length < 2) return set;
  const apart: SetByInstance = { ...set, instances, boltsAt };
  return apart;
}
