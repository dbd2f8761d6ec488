import { castryV8 } from '../../../demo/sheets/castryV8';
import { hesperM6Right } from '../../../demo/sheets/hesperM6';
import { tolvane44 } from '../../../demo/sheets/tolvane44';
import type { PiecePer } from '../spec/assembly';
import { instancesOf } from './instances';
import { EVERYWHERE, overOf, shares } from './over';

const ids = (per: PiecePer, sheet = castryV8) =>
  instancesOf(sheet, 'x', { per }, []).map(({ id }) => id);

describe('what there are several of', () => {
  it('is one for the engine, each bank, cylinder, bearing or valve', () => {
    expect(instancesOf(castryV8, 'x', {}, []).map(({ id }) => id)).toEqual(['x/1']);
    expect(ids('engine')).toEqual(['x/1']);
    expect(ids('bank')).toEqual(['x/port', 'x/starboard']);
    expect(ids('cylinder')).toEqual([1, 2, 3, 4, 5, 6, 7, 8].map((n) => `x/${n}`));
    expect(ids('bearing')).toEqual(['x/1', 'x/2', 'x/3', 'x/4', 'x/5']);
    expect(ids('valve', tolvane44).slice(0, 3)).toEqual(['x/E1', 'x/I1', 'x/I2']);
  });

  it('has one bearing more than cylinders along the crank where no journals are printed', () => {
    const { journals: _journals, ...bare } = castryV8;
    expect(ids('bearing', bare)).toHaveLength(5);
    expect(ids('bearing', hesperM6Right)).toHaveLength(7);
  });

  it('is as its lines say: those named, or what one of the usual is over', () => {
    const named = instancesOf(
      tolvane44,
      'half',
      { per: 'named', covers: [{ place: 'fan', cylinders: [1, 2] }, { place: 'rear' }] },
      [],
    );
    expect(named.map(({ id }) => id)).toEqual(['half/fan', 'half/rear']);
    expect([...(named[0]?.over.cylinders ?? [])]).toEqual([1, 2]);
    expect(named[1]?.over).toEqual(EVERYWHERE);
    const [first] = instancesOf(
      tolvane44,
      'door',
      { per: 'cylinder', covers: [{ place: '1', cylinders: [1], bearings: [1, 2] }] },
      [],
    );
    expect([...(first?.over.bearings ?? [])]).toEqual([1, 2]);
  });

  it('has a place for each head where there is one for each', () => {
    const heads = instancesOf(castryV8, 'head', { per: 'bank' }, []);
    const covers = instancesOf(castryV8, 'cover', { per: 'head' }, heads);
    expect(covers.map(({ id }) => id)).toEqual(['cover/port', 'cover/starboard']);
    expect(covers[1]?.over).toEqual(heads[1]?.over);
  });
});

describe('what has to do with what', () => {
  const over = (line: Parameters<typeof overOf>[1]) => overOf(tolvane44, line);

  it('shares a valve where both name valves, else a cylinder, or a bearing', () => {
    const rod = over({ valves: ['E1'] });
    expect(shares(rod, over({ valves: ['E1'] }))).toBe(true);
    expect(shares(rod, over({ valves: ['I1'] }))).toBe(false);
    expect(shares(rod, over({ cylinders: [1, 2] }))).toBe(true);
    expect(shares(rod, over({ cylinders: [2] }))).toBe(false);
    expect(shares(over({ bearings: [2] }), over({ cylinders: [2], bearings: [2, 3] }))).toBe(true);
  });

  it('is not told of cylinders and bearings by their numbers', () => {
    expect(shares(over({ bearings: [2] }), over({ cylinders: [2] }))).toBe(false);
  });

  it('is everything where either is over nothing in particular', () => {
    for (const other of [over({ valves: ['E1'] }), over({ bearings: [5] }), EVERYWHERE])
      expect([shares(EVERYWHERE, other), shares(other, EVERYWHERE)]).toEqual([true, true]);
  });

  it('holds both ways', () => {
    const some = [
      over({ valves: ['E1'] }),
      over({ valves: ['I1', 'E2'] }),
      over({ cylinders: [2, 3] }),
      over({ bearings: [2] }),
      over({ cylinders: [1], bearings: [1, 2] }),
      over({ cylinders: [2], valves: ['E1'] }),
      EVERYWHERE,
    ];
    for (const a of some) for (const b of some) expect(shares(a, b)).toBe(shares(b, a));
  });
});
