import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { cylinderOverPiston } from '../../../sheet/pistonRoute';
import { memoizeByObject } from '../../../sheet/memoize';
import type { SetKind } from '../../../sheet/spec/fastening';
import { capsOneByOne } from '../bearings/caps';
import { looseningsOf } from '../strip/loosening';
import { fitsLiners, setsToTighten, takesCrankOut, timesEngine, type JobSheet } from '../../scope';
import type { CardName } from '../../facts/cardName';

/** Cards on which pieces of some kinds go on, each in its own way. */
type ServingCard = Extract<
  CardName,
  'liners' | 'pistons' | 'tighten' | 'shells' | 'bearings' | 'crank' | 'timing'
>;

/**
 * The card on which a piece goes on, where that is not the one that puts pieces on.
 * @param instance of a piece that comes off
 */
export function servedBy(sheet: JobSheet, instance: string): ServingCard | null {
  return servedIn(sheet).get(instance) ?? null;
}

const servedIn = memoizeByObject((sheet: JobSheet): ReadonlyMap<string, ServingCard> => {
  const { pieceOf } = assemblyGraph(sheet.whole);
  const clamped = (kind: SetKind): ReadonlySet<string> => {
    const sets = new Set(setsToTighten(sheet).flatMap((set) => (set.kind === kind ? set.id : [])));
    return new Set(
      looseningsOf(sheet)
        .filter(({ set }) => sets.has(set.id))
        .flatMap(({ clamps }) => clamps),
    );
  };
  const oneByOne = new Set(capsOneByOne(sheet).map(({ piece }) => piece));
  const heads = clamped('head');
  const caps = clamped('main-caps');
  const inBlock = takesCrankOut(sheet) && sheet.overhead?.gear === 'push-rod';
  const isCylinderOver = cylinderOverPiston(sheet);
  const cardOf = (id: string, kind: string): ServingCard | null => {
    switch (kind) {
      case 'liner':
        return fitsLiners(sheet) ? 'liners' : null;
      case 'rod-and-piston':
        return 'pistons';
      case 'rod':
        // It is bolted to its crank before the case is closed, long before its piston.
        return isCylinderOver ? null : 'pistons';
      case 'head':
        return heads.has(id) ? 'tighten' : null;
      case 'bearing-cap':
        if (oneByOne.has(id)) return 'bearings';
        return caps.has(id) ? 'tighten' : null;
      case 'crank':
        return 'shells';
      case 'camshaft':
      case 'tappet':
        return inBlock ? 'crank' : null;
      case 'drive':
        return timesEngine(sheet) ? 'timing' : null;
      default:
        return null;
    }
  };
  return new Map(
    sheet.comesOff.order.flatMap((id) => {
      const card = cardOf(id, pieceOf(id)?.kind ?? '');
      return card ? [[id, card] as const] : [];
    }),
  );
});
