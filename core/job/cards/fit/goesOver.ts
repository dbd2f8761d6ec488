import { assemblyGraph } from '../../../sheet/assembly/assemblyGraph';
import { cylinderOverPiston } from '../../../sheet/pistonRoute';
import { memoizeByObject } from '../../../sheet/memoize';
import type { JobSheet } from '../../scope';
import type { CardName } from '../../facts/cardName';
import { fitRows } from './rows';
import { servedBy } from './served';

/** On which cards what a piece goes on over goes on itself, where those are done as a whole. */
interface GoesOver {
  readonly cards: ReadonlySet<CardName>;
  /** It goes on over main bearing caps. */
  readonly mainCaps: boolean;
}

/** Heads and cylinders are waited for one by one: each may be on while its neighbour is still to come. */
const AS_A_WHOLE: readonly CardName[] = [
  'liners',
  'shells',
  'bearings',
  'crank',
  'pistons',
  'timing',
];

/** What a piece goes on over, by its id. */
export function goesOver(sheet: JobSheet, piece: string): GoesOver | undefined {
  return goesOverIn(sheet).get(piece);
}

const goesOverIn = memoizeByObject((sheet: JobSheet): ReadonlyMap<string, GoesOver> => {
  const { pieceOf } = assemblyGraph(sheet.whole);
  const under = new Map<string, string[]>();
  for (const { piece, instances } of fitRows(sheet)) {
    const all = instances.flatMap((id) => sheet.comesOff.backAfter.get(id) ?? []);
    under.set(piece.id, [...(under.get(piece.id) ?? []), ...all]);
  }
  // Of separate cylinders each goes over its own piston, one at a time.
  const whole = AS_A_WHOLE.filter((card) => card !== 'pistons' || !cylinderOverPiston(sheet));
  return new Map(
    [...under].map(([piece, ids]) => {
      const cards = ids.flatMap((id) => servedBy(sheet, id) ?? []);
      const mainCaps = ids.some(
        (id) => pieceOf(id)?.kind === 'bearing-cap' && servedBy(sheet, id) === 'tighten',
      );
      return [piece, { cards: new Set(cards.filter((card) => whole.includes(card))), mainCaps }];
    }),
  );
});
