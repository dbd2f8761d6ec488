import { z } from 'zod';
import type { EngineEnd } from '@cardinex/core/sheet/spec/layout';

const ENDS = [
  'fan',
  'flywheel',
  'propeller',
  'pulley',
  'gearbox',
  'blower',
  'accessory',
  'free',
] as const satisfies readonly EngineEnd[];

/** An end of the engine by what sits on it. */
export const end = z.enum(ENDS, { error: `must be one of: ${ENDS.join(', ')}` });
