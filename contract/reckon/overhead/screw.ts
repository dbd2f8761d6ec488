import { oneOf, positive } from '../fields';

/** Where the screw of a rocker is. */
export const screwAt = oneOf(
  ['pushrod', 'valve', 'pivot'],
  'pushrod = in the rocker’s push-rod end, valve = in its valve end, pivot = a nut at its pivot',
);

export const rockerRatio = positive(100)('Valve arm of the rocker over its push-rod arm');
