import type { Paint } from '@cardinex/drawings/paint';
import { usePreferences } from '../../device/preferences';
import { paints } from './paints';

/** The paint of the theme in use. */
export function usePaint(): Paint {
  return paints[usePreferences().theme];
}
