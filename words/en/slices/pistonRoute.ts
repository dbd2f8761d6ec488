import type { PistonRouteActs } from '@cardinex/core/job/facts/pistonRoute';
import type { SliceWords } from '../actWords';
import { pistonRouteName } from '../pistonRoute';

export const pistonRouteActWords: SliceWords<PistonRouteActs> = {
  'piston-route.chosen': {
    line: ({ route }) => ({ what: 'How pistons go in', value: pistonRouteName(route) }),
    undo: () => 'the way in',
  },
};
