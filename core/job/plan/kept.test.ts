import { demoSheets } from '@cardinex/demo/sheets/all';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { headOf } from '../../sheet/assembly/references';
import { looseningsOf } from '../cards/strip/loosening';
import { offGroups } from '../cards/strip/view';
import { fitPieces } from '../cards/fit/rows';
import { decideScope } from '../decideScope';
import { scopedSheet } from '../scope';
import { comesOffFor } from './comesOff';
import { keepable, mayKeep } from './kept';
import { widens } from './widens';

const GASKET = { kind: 'gasket' } as const;
const keeping = (piece: string) => ({ ...GASKET, keep: [{ piece, why: 'its studs are seized' }] });

describe('a piece that is kept on what it stands on', () => {
  it('comes off as one with it: nothing of its own is slackened, taken off or put on', () => {
    const all = scopedSheet(tolvane44, GASKET);
    const sheet = scopedSheet(tolvane44, keeping('inlet-manifold'));
    expect(all.comesOff.order).toContain('inlet-manifold/1');
    expect(sheet.comesOff.kept.get('inlet-manifold/1')).toBe('head/1');
    expect(sheet.comesOff.order).toEqual(
      all.comesOff.order.filter((id) => headOf(id) !== 'inlet-manifold'),
    );
    expect(offGroups(sheet).map(({ piece }) => piece.id)).not.toContain('inlet-manifold');
    expect(fitPieces(sheet).map(({ id }) => id)).not.toContain('inlet-manifold');
    expect(looseningsOf(sheet).flatMap(({ clamps }) => clamps)).not.toContain('inlet-manifold/1');
  });

  it('has what stands on it off before the whole, and on after it', () => {
    const { comesOff } = scopedSheet(tolvane44, keeping('inlet-manifold'));
    const stood = scopedSheet(tolvane44, GASKET).comesOff.before.get('inlet-manifold/1') ?? [];
    for (const id of stood) {
      expect(comesOff.before.get('head/1')).toContain(id);
      expect(comesOff.backAfter.get(id)).toContain('head/1');
    }
  });

  it.each(demoSheets.map((sheet) => [sheet.id, sheet] as const))(
    'of %s is never one that is in the way, or that a bolt goes through',
    (_, sheet) => {
      const before = comesOffFor(sheet, GASKET);
      for (const { id } of keepable(sheet, GASKET)) {
        const { order, kept } = comesOffFor(sheet, keeping(id));
        expect(order.every((off) => before.because.has(off))).toBe(true);
        expect(kept.size).toBeGreaterThan(0);
        expect(order.some((off) => kept.has(off))).toBe(false);
      }
    },
  );

  it('is refused where it has to come off by itself, or is not there', () => {
    expect(mayKeep(tolvane44, keeping('rocker-cover'))).toBe(false);
    const code = (piece: string) => {
      const verdict = decideScope(null, keeping(piece), tolvane44);
      return verdict.ok ? null : verdict.refusal.code;
    };
    expect(code('rocker-shaft')).toBe('cannot-be-kept');
    expect(code('no-such-thing')).toBe('cannot-be-kept');
    expect(code('inlet-manifold')).toBeNull();
  });

  it('comes off after all when a job goes further, and never comes to be kept later', () => {
    expect(widens(tolvane44, keeping('inlet-manifold'), GASKET)).toBe(true);
    expect(widens(tolvane44, GASKET, keeping('inlet-manifold'))).toBe(false);
    const everything = { ...keeping('inlet-manifold'), kind: 'everything' } as const;
    expect(comesOffFor(tolvane44, everything).order).toContain('inlet-manifold/1');
  });
});
