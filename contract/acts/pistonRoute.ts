import { z } from 'zod';
import type { PistonRouteActs } from '@cardinex/core/job/facts/pistonRoute';
import type { ActSchemas } from './actSchemas';
import { pistonRoute } from '../sheets/pistons';

export const pistonRouteActs = {
  'piston-route.chosen': z.strictObject({ route: pistonRoute }),
} satisfies ActSchemas<PistonRouteActs>;
