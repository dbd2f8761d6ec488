import { assemblyGraph } from '../../sheet/assembly/assemblyGraph';
import { clampedBy } from '../../sheet/assembly/clamped';
import type { EngineSheet } from '../../sheet/engineSheet';
import type { FastenedSet } from '../../sheet/spec/fastening';
import type { SetByInstance } from '../../sheet/ofInstance';
import type { ComesOff } from './comesOff';

/**
 * Main bearing caps that come off while the crank stays in: each holds it up, and one comes off at a time. In the
 * order of the bearings.
 * @returns none where the crank comes out, or no cap comes off
 */
export function mainCapsOff(sheet: EngineSheet, { because }: ComesOff): readonly string[] {
  const { instances, pieceOf } = assemblyGraph(sheet);
  const isOff = (kind: string): readonly string[] =>
    instances.flatMap(({ id, over }) => {
      const isMain = kind !== 'bearing-cap' || over.bearings !== null;
      return because.has(id) && pieceOf(id)?.kind === kind && isMain ? [id] : [];
    });
  return isOff('crank').length > 0 ? [] : isOff('bearing-cap');
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
  const boltsAt: Record<string, string[]> = {};
  for (const { set: of, fastener, clamps } of clampedBy(sheet)) {
    const [cap, ...others] = clamps;
    if (of !== set.id) continue;
    if (cap === undefined || others.length > 0) return set;
    const place = placeOf(cap);
    boltsAt[place] = [...(boltsAt[place] ?? []), fastener];
  }
  const caps = assemblyGraph(sheet).instances.map(({ place }) => place);
  const instances = [...new Set(caps)].filter((place) => boltsAt[place]);
  if (instances.length < 2) return set;
  const apart: SetByInstance = { ...set, instances, boltsAt };
  return apart;
}

function placeOf(instance: string): string {
  return instance.split('/').at(-1) ?? instance;
}
