import { STAND_OUTS } from '../cards/stand-out/checks';
import { decideGasket } from '../cards/stand-out/rules';
import type { GasketActs } from '../facts/gasket';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** Which gasket is fitted. */
export const gasketSlice: Slice<'gasket', keyof GasketActs> = {
  name: 'gasket',
  empty: null,
  acts: {
    'gasket.chosen': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => ({ card: 'stand-out' }),
      restsOn: (_, fact) => fact.type === 'check.read' && fact.data.check === STAND_OUTS,
      decide: decideGasket,
    },
  },
  evolve: {
    'gasket.chosen': (_, { data, at, by: told }) => ({ ...data, at, told }),
    // A piston read again asks for the gasket again.
    'check.read': (gasket, { data }) => (data.check === STAND_OUTS ? null : gasket),
  },
};
