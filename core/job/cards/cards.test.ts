import { demoSheets } from '@cardinex/demo/sheets/all';
import { EMPTY_STATE } from '../emptyJob';
import { LEAVE_OUT } from '../facts/leftOut';
import { scopesFor } from '../plan/scopeChoices';
import { standingAt } from '../standings';
import { entryOf } from '../kit/entryOf';
import { trayOf } from '../tray';
import { openedFor } from '../tests/intake';
import { stateOf } from '../tests/story';
import { CARDS } from './index';

const NOW = '2026-03-02T12:00:00Z';
const trays = demoSheets.flatMap((sheet) =>
  scopesFor(sheet)
    .filter((kind) => kind !== 'one-head' && kind !== 'one-cylinder')
    .map((kind) => {
      const state = stateOf(openedFor(sheet, { kind }));
      return { sheet, state, tray: trayOf(sheet, state, NOW) };
    }),
);

describe('the cards', () => {
  it('are called by the name they are listed under', () => {
    expect(Object.entries(CARDS).filter(([listed, { name }]) => name !== listed)).toEqual([]);
  });

  it('each stand in the order of work of some engine', () => {
    const met = new Set(trays.flatMap(({ tray }) => tray.map(({ card }) => card)));
    expect([...met].sort()).toEqual(Object.keys(CARDS).sort());
  });

  it('stand in it once, or once for each set', () => {
    for (const { tray } of trays) {
      const places = tray.map(({ card, set }) => `${card} ${set?.id ?? ''}`);
      expect(new Set(places).size).toBe(places.length);
    }
  });

  it('that can be left out are those a job may say so of', () => {
    const may = Object.values(CARDS).filter(({ canBeLeftOut }) => canBeLeftOut);
    // The steps by which a head goes on are a part of its card.
    expect([...may.map(({ name }) => name), 'covering'].sort()).toEqual([...LEAVE_OUT].sort());
  });

  it('stand alike asked one by one and all together', () => {
    for (const { sheet, state, tray } of trays) {
      for (const { card, set, status, reason, needsAttention } of tray) {
        const place = { card, ...(set && { set: set.id }) };
        expect(standingAt(sheet, state, NOW, place)).toEqual({ status, reason, needsAttention });
      }
    }
  });

  it('a job does not have stand nowhere on it', () => {
    const [sheet] = demoSheets;
    if (!sheet) throw new Error('no sheet');
    const state = { ...EMPTY_STATE, scope: { kind: 'gasket' as const } };
    expect(entryOf(trayOf(sheet, state, NOW), { card: 'pistons' })).toBeUndefined();
    expect(standingAt(sheet, state, NOW, { card: 'pistons' })).toBeNull();
  });
});
