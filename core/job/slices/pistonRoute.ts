import { decidePistonRoute } from '../cards/pistons/rules';
import { ON_ROD } from '../cards/pistons/checks';
import type { PistonRouteActs } from '../facts/pistonRoute';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';

/** By which way pistons go in, where a sheet allows several. */
export const pistonRouteSlice: Slice<'pistonRoute', keyof PistonRouteActs> = {
  name: 'pistonRoute',
  empty: null,
  acts: {
    'piston-route.chosen': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => ({ card: 'pistons' }),
      restsOn: (_, fact) => fact.type === 'check.seen' && fact.data.check === ON_ROD,
      decide: decidePistonRoute,
    },
  },
  evolve: {
    'piston-route.chosen': (_, { data }) => data.route,
  },
};
