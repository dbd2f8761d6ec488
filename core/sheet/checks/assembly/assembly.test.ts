import { demoSheets } from '../../../../demo/sheets/all';
import { tolvane44 } from '../../../../demo/sheets/tolvane44';
import type { EngineSheet } from '../../engineSheet';
import type { AssemblySpec, PieceSpec } from '../../spec/assembly';
import { checkSheet } from '../checkSheet';

const said = { from: 'manual', source: 'p. 1' } as const;

const piece = (id: string, more: Partial<PieceSpec> = {}): PieceSpec => ({
  id,
  name: id,
  kind: 'cover',
  heldBy: [{ by: 'screws' }],
  ...more,
  ...said,
});

/** Two cylinders, and these pieces. */
function engine(pieces: readonly PieceSpec[], more: Partial<AssemblySpec> = {}): EngineSheet {
  const { format, service, fuel, strokes, cylinder1End, otherEnd } = tolvane44;
  return {
    format,
    id: 'pair',
    revision: 1,
    name: 'Pair',
    description: 'Two cylinders',
    manual: 'none',
    service,
    fuel,
    strokes,
    layout: { form: 'in-line', banks: [{ id: 'a', name: 'in line', cylinders: [1, 2] }] },
    cylinder1End,
    otherEnd,
    assembly: { pieces, ...more },
  };
}

const found = (sheet: EngineSheet) =>
  checkSheet(sheet).map(({ at, code, bars }) => `${bars ? '' : '? '}${at}: ${code}`);

describe('an assembly is held against', () => {
  it('nothing, where all of it is right', () => {
    const pieces = [
      piece('cover', { restsOn: ['head'], shuts: ['set-valves'] }),
      piece('head', { kind: 'head' }),
    ];
    const acts = [{ act: 'set-valves', needs: ['head'], ...said } as const];
    expect(found(engine(pieces, { acts }))).toEqual([]);
    for (const sheet of demoSheets)
      expect(checkSheet(sheet).filter(({ at }) => at.startsWith('assembly'))).toEqual([]);
  });

  it.each<[string, readonly PieceSpec[], Partial<AssemblySpec>, readonly string[]]>([
    [
      'a piece named that is not there',
      [piece('cover', { restsOn: ['lid'], joints: [{ kind: 'gasket', on: 'lid/2' }] })],
      {},
      [
        'assembly.pieces[0].restsOn[0]: unknown-piece',
        'assembly.pieces[0].joints[0].on: unknown-piece',
      ],
    ],
    [
      'an instance that is not there',
      [piece('cover', { restsOn: ['head/3'] }), piece('head', { per: 'cylinder', kind: 'head' })],
      {},
      ['assembly.pieces[0].restsOn[0]: unknown-piece'],
    ],
    [
      'an act where only a piece can be rested on',
      [piece('cover', { restsOn: ['set-valves'] })],
      {},
      ['assembly.pieces[0].restsOn[0]: unknown-piece'],
    ],
    [
      'a name that stands twice',
      [piece('cover'), piece('cover')],
      {},
      ['assembly.pieces[1].id: repeated'],
    ],
    ['itself', [piece('cover', { shuts: ['cover'] })], {}, ['assembly.pieces[0]: rests-on-itself']],
    [
      'one for each head, and no head',
      [piece('cover', { per: 'head' })],
      {},
      ['assembly.pieces[0].per: no-head-piece'],
    ],
    [
      'named places, and none named',
      [piece('cover', { per: 'named' })],
      {},
      ['assembly.pieces[0].covers: covers-missing'],
    ],
    [
      'a place, a cylinder, a bearing, a valve that is not there',
      [
        piece('cover', {
          per: 'cylinder',
          covers: [
            { place: '7', cylinders: [7] },
            { place: '1', bearings: [9], valves: ['E9'] },
          ],
        }),
      ],
      {},
      [
        'assembly.pieces[0].covers[0].place: unknown-place',
        'assembly.pieces[0].covers[0].cylinders[0]: unknown-cylinder',
        'assembly.pieces[0].covers[1].bearings[0]: unknown-bearing',
        'assembly.pieces[0].covers[1].valves[0]: unknown-valve',
      ],
    ],
    [
      'pieces that share nothing',
      [
        piece('rod', { per: 'cylinder', onAfter: [{ piece: 'cap', why: 'order' }] }),
        piece('cap', { per: 'bearing' }),
      ],
      {},
      ['assembly.pieces[0].onAfter[0]: shares-nothing'],
    ],
    [
      'a circle on the way off',
      [piece('a', { restsOn: ['b'] }), piece('b', { shuts: ['a'] })],
      {},
      ['assembly.pieces[0]: assembly-circle'],
    ],
    [
      'a circle on the way on alone',
      [piece('a', { onAfter: [{ piece: 'b', why: '' }] }), piece('b', { restsOn: ['a'] })],
      {},
      ['assembly.pieces[0]: assembly-circle'],
    ],
    [
      'an act that needs what is in its own way',
      [piece('cover', { shuts: ['set-valves'] }), piece('shaft', { restsOn: ['cover'] })],
      { acts: [{ act: 'set-valves', needs: ['shaft'], ...said }] },
      ['assembly.acts[0].needs: act-never'],
    ],
    [
      'a cylinder that no head is over',
      [piece('head', { kind: 'head', per: 'named', covers: [{ place: 'a', cylinders: [1] }] })],
      {},
      ['assembly.pieces[0]: piece-misses-cylinder'],
    ],
    [
      'a piece that nothing holds',
      [piece('cover', { heldBy: [] })],
      {},
      ['? assembly.pieces[0].heldBy: not-held'],
    ],
    [
      'a part that the kit has not',
      [piece('cover', { joints: [{ kind: 'gasket', part: 'Gasket' }] })],
      {},
      ['assembly.pieces[0].joints[0].part: unknown-part'],
    ],
    [
      'something put in before what is not there',
      [piece('cover')],
      { temporary: [{ what: 'Rag', in: 'lid', out: 'turn-crank', bars: 'cover', ...said }] },
      ['assembly.temporary[0].in: unknown-piece'],
    ],
  ])('%s', (_, pieces, more, faults) => {
    expect(found(engine(pieces, more))).toEqual(faults);
  });

  it('more pieces than any engine has, before anything is worked out of them', () => {
    const [first] = tolvane44.overhead?.valves ?? [];
    const valves = Array.from({ length: 96 }, (_, n) => ({
      id: `E${n}`,
      cylinder: first?.cylinder ?? 1,
      kind: 'exhaust' as const,
    }));
    const pieces = Array.from({ length: 40 }, (_, n) => piece(`p${n}`, { per: 'valve' }));
    const { overhead } = tolvane44;
    if (!overhead) throw new Error('no valve gear');
    const sheet = { ...engine(pieces), overhead: { ...overhead, valves } };
    expect(found(sheet).filter((said) => said.startsWith('assembly'))).toEqual([
      'assembly.pieces: too-many-instances',
    ]);
  });

  it('two heads between them over all cylinders are no gap', () => {
    const half = (id: string, cylinder: number) =>
      piece(id, { kind: 'head', per: 'named', covers: [{ place: '1', cylinders: [cylinder] }] });
    expect(found(engine([half('one', 1), half('two', 2)]))).toEqual([]);
  });

  it('the kit: as many of a part as all its joints take', () => {
    const pieces = [
      piece('cover', { per: 'cylinder', joints: [{ kind: 'washer', count: 3, part: 'Washers' }] }),
    ];
    const kit = (count: number): EngineSheet => ({
      ...engine(pieces),
      renew: [{ part: 'Washers', when: 'always', count, ...said }],
    });
    expect(found(kit(6))).toEqual([]);
    expect(found(kit(4))).toEqual(['? renew[0].count: joints-not-kit']);
  });

  it('its sets: each fastener clamps a piece that is there', () => {
    const [head] = tolvane44.fastenedSets ?? [];
    if (!head) throw new Error('no set');
    const { clamps: _clamps, ...loose } = head;
    const clamping = (set: typeof loose & { clamps?: readonly string[] }): EngineSheet => ({
      ...engine([piece('head', { kind: 'head', heldBy: [] })]),
      fastenedSets: [{ ...set, map: { ...set.map, bores: [] } }],
    });
    expect(found(clamping({ ...loose, clamps: ['head'] }))).toEqual([]);
    expect(found(clamping(loose))).toEqual([
      '? fastenedSets[0].clamps: clamps-nothing',
      '? assembly.pieces[0].heldBy: not-held',
    ]);
    expect(found(clamping({ ...loose, clamps: ['lid'] }))).toEqual([
      'fastenedSets[0].clamps[0]: unknown-piece',
    ]);
  });
});
