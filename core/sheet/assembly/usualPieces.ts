import type { Family } from '../families';
import { SETTING_ACTS, type PieceSpec } from '../spec/assembly';

/** A piece as engines of a family usually have it: what it is called is for `words/` to say. */
export type UsualPiece = Pick<
  PieceSpec,
  'id' | 'kind' | 'per' | 'restsOn' | 'shuts' | 'inPlace' | 'attitude'
> & {
  readonly onAfter?: readonly string[];
  readonly offAfter?: readonly string[];
};

/** What a cover over the valve gear shuts: all that is set there, now or again. */
const OVERHEAD = [...SETTING_ACTS, 'set-valves-again', 'set-valves-hot'] as const;

/*
 * Listed from the top of the engine down: of several that could be next that order decides, and everything
 * is stripped from above, and closed from below as late as may be.
 */

/** What the crank and all that turns with it is held by, under a sump. */
const BOTTOM: readonly UsualPiece[] = [
  { id: 'pulley', kind: 'pulley', restsOn: ['crank'], shuts: ['timing-cover'] },
  { id: 'timing-cover', kind: 'cover', shuts: ['timing-drive', 'see-timing'] },
  { id: 'timing-drive', kind: 'drive', restsOn: ['crank', 'camshaft'], onAfter: ['main-cap/*'] },
  { id: 'camshaft', kind: 'camshaft', onAfter: ['main-cap/*'] },
  {
    id: 'sump',
    kind: 'sump',
    shuts: ['oil-pump', 'main-cap', 'rod-and-piston'],
    onAfter: ['timing-cover'],
  },
  { id: 'oil-pump', kind: 'pump', onAfter: ['main-cap/*'] },
  {
    id: 'rod-and-piston',
    kind: 'rod-and-piston',
    per: 'cylinder',
    restsOn: ['crank', 'liner'],
    onAfter: ['main-cap/*', 'liner/*'],
  },
  { id: 'liner', kind: 'liner', per: 'cylinder' },
  { id: 'flywheel', kind: 'flywheel', restsOn: ['crank'], onAfter: ['main-cap/*', 'sump'] },
  { id: 'main-cap', kind: 'bearing-cap', per: 'bearing', restsOn: ['crank'] },
  { id: 'crank', kind: 'crank' },
];

/** A head over push rods. */
function pushRodTop(per: 'engine' | 'bank' | 'cylinder'): readonly UsualPiece[] {
  return [
    {
      id: 'rocker-cover',
      kind: 'cover',
      per: 'head',
      restsOn: ['head'],
      shuts: ['rocker-shaft', ...OVERHEAD, 'pull-again'],
    },
    {
      id: 'rocker-shaft',
      kind: 'rocker-shaft',
      per: 'head',
      restsOn: ['head'],
      shuts: ['push-rod'],
    },
    { id: 'push-rod', kind: 'push-rod', per: 'valve', restsOn: ['head', 'tappet'] },
    {
      id: 'head',
      kind: 'head',
      per,
      restsOn: ['liner'],
      shuts: ['rod-and-piston', 'tappet', 'read-stand-out', 'read-liners', 'clamp-liners'],
    },
    { id: 'tappet', kind: 'tappet', per: 'valve', restsOn: ['camshaft'] },
  ];
}

function injectors(at: 'pipes' | 'unit'): readonly UsualPiece[] {
  return at === 'unit'
    ? [{ id: 'injector', kind: 'injector', per: 'cylinder', restsOn: ['head'] }]
    : [
        {
          id: 'injector-pipe',
          kind: 'pipe',
          per: 'cylinder',
          restsOn: ['injector'],
          onAfter: ['injector/*'],
        },
        { id: 'injector', kind: 'injector', per: 'cylinder', restsOn: ['head'] },
      ];
}

function manifolds(per: 'engine' | 'head'): readonly UsualPiece[] {
  return [
    { id: 'inlet-manifold', kind: 'manifold', per, restsOn: ['head'] },
    { id: 'exhaust-manifold', kind: 'manifold', per, restsOn: ['head'] },
  ];
}

/** The pieces of each family from the top down, before what this engine lacks is left out. */
export const USUAL_PIECES: Readonly<Record<Family, readonly UsualPiece[]>> = {
  'in-line': [...manifolds('engine'), ...injectors('pipes'), ...pushRodTop('engine'), ...BOTTOM],
  'separate-heads': [
    ...manifolds('engine'),
    ...injectors('pipes'),
    ...pushRodTop('cylinder'),
    { id: 'timing-cover', kind: 'cover', shuts: ['timing-drive', 'see-timing'] },
    { id: 'timing-drive', kind: 'drive', restsOn: ['crank', 'camshaft'] },
    {
      id: 'crankcase-door',
      kind: 'cover',
      per: 'cylinder',
      shuts: ['rod-and-piston', 'main-cap'],
    },
    ...BOTTOM.filter(({ id }) =>
      ['camshaft', 'rod-and-piston', 'liner', 'flywheel', 'main-cap', 'crank'].includes(id),
    ),
  ],
  'two-stroke': [
    { id: 'air-shut-off', kind: 'accessory', restsOn: ['blower'] },
    { id: 'blower', kind: 'blower', onAfter: ['head'] },
    { id: 'air-box-cover', kind: 'cover', per: 'cylinder', onAfter: ['head'] },
    { id: 'exhaust-manifold', kind: 'manifold', restsOn: ['head'] },
    ...pushRodTop('engine').slice(0, 1),
    ...injectors('pipes'),
    ...pushRodTop('engine').slice(1),
    ...BOTTOM,
  ],
  'v-petrol': [
    {
      id: 'inlet-manifold',
      kind: 'manifold',
      restsOn: ['head'],
      shuts: ['tappet'],
      onAfter: ['push-rod/*'],
    },
    { id: 'exhaust-manifold', kind: 'manifold', per: 'head', restsOn: ['head'] },
    { id: 'spark-plug', kind: 'plug', per: 'cylinder', restsOn: ['head'] },
    ...pushRodTop('bank'),
    ...BOTTOM,
  ],
  flat: [
    {
      id: 'propeller',
      kind: 'accessory',
      restsOn: ['crank'],
      onAfter: ['rocker-cover/*', 'baffles'],
    },
    { id: 'baffles', kind: 'cover', shuts: ['spark-plug', 'rocker-cover'] },
    { id: 'spark-plug', kind: 'plug', per: 'cylinder', restsOn: ['cylinder'] },
    { id: 'intake-pipe', kind: 'pipe', per: 'cylinder', restsOn: ['cylinder'] },
    { id: 'exhaust-pipe', kind: 'pipe', per: 'cylinder', restsOn: ['cylinder'] },
    {
      id: 'rocker-cover',
      kind: 'cover',
      per: 'cylinder',
      restsOn: ['cylinder'],
      shuts: ['rocker-shaft', ...OVERHEAD],
    },
    {
      id: 'rocker-shaft',
      kind: 'rocker-shaft',
      per: 'cylinder',
      restsOn: ['cylinder'],
      shuts: ['push-rod'],
    },
    { id: 'push-rod', kind: 'push-rod', per: 'valve', restsOn: ['push-rod-tube', 'tappet'] },
    { id: 'push-rod-tube', kind: 'pipe', per: 'valve', restsOn: ['cylinder'] },
    {
      id: 'cylinder',
      kind: 'cylinder',
      per: 'cylinder',
      restsOn: ['case-half/*'],
      shuts: ['piston'],
    },
    {
      id: 'piston',
      kind: 'rod-and-piston',
      per: 'cylinder',
      restsOn: ['rod'],
      onAfter: ['case-half/*'],
    },
    {
      id: 'accessory-case',
      kind: 'housing',
      shuts: ['timing-drive', 'see-timing'],
      onAfter: ['case-half/*'],
    },
    {
      id: 'timing-drive',
      kind: 'drive',
      restsOn: ['crank', 'camshaft'],
      onAfter: ['case-half/*'],
    },
    { id: 'sump', kind: 'sump', restsOn: ['case-half'] },
    {
      id: 'case-half',
      kind: 'housing',
      per: 'bank',
      shuts: ['tappet', 'camshaft', 'rod', 'crank'],
      onAfter: ['rod/*'],
    },
    { id: 'tappet', kind: 'tappet', per: 'valve', restsOn: ['camshaft'] },
    { id: 'camshaft', kind: 'camshaft' },
    { id: 'rod', kind: 'rod', per: 'cylinder', restsOn: ['crank'] },
    { id: 'crank', kind: 'crank' },
  ],
  'overhead-cam': [
    {
      id: 'cam-cover',
      kind: 'cover',
      per: 'head',
      restsOn: ['head'],
      shuts: ['cam-drive', 'cam-cap', ...OVERHEAD, 'see-timing'],
    },
    ...manifolds('engine'),
    ...injectors('pipes'),
    { id: 'cam-drive', kind: 'drive', restsOn: ['camshaft'], onAfter: ['cam-cap/*'] },
    { id: 'cam-cap', kind: 'bearing-cap', per: 'head', restsOn: ['camshaft'] },
    { id: 'camshaft', kind: 'camshaft', per: 'head', restsOn: ['head'], shuts: ['tappet'] },
    { id: 'tappet', kind: 'tappet', per: 'valve', restsOn: ['head'] },
    {
      id: 'head',
      kind: 'head',
      restsOn: ['liner'],
      shuts: ['rod-and-piston', 'read-stand-out', 'read-liners'],
    },
    ...BOTTOM.filter(({ id }) => id !== 'camshaft')
      .map((piece) => (piece.id === 'timing-drive' ? { ...piece, restsOn: ['crank'] } : piece))
      .map((piece) =>
        piece.id === 'timing-cover' ? { ...piece, shuts: ['timing-drive'] } : piece,
      ),
  ],
};
