import type { CameWith } from '@cardinex/core/job/facts/layers';

/** What leaflets of a kind usually speak of, as places of the sheet. */
const SPEAKS_OF: Readonly<Record<CameWith, RegExp | null>> = {
  bolts:
    /^\/fastenedSets\/id=(head|base)[^/]*\/(groups\/.*\/(treatment|uses|stretchLimit)|programme$|afterwards)/,
  studs:
    /^\/fastenedSets\/id=(head|base)[^/]*\/(groups\/.*\/(treatment|uses)|programme$|afterwards)/,
  gasket: /^\/gasket\/(lies|dressing)|^\/fastenedSets\/id=(head|base)[^/]*\/afterwards/,
  liners: /^\/liners\/(low|high|adjacent|tilt|seals)$/,
  pistons: /^\/pistons\/(massSpread|pin|standOut|skirtClearance)/,
  rings: /^\/pistons\/(rings\/.*\/(gap|upperFace|fileable)|stagger)/,
  bearings: /^\/journals\/.*\/(clearance|endFloat)/,
  'valve-gear': /^\/overhead\/(clearances|lockNut|hydraulic)/,
  other: null,
};

/** Would a leaflet that came with such parts speak of this place? */
export function isLikely(cameWith: CameWith | null, place: string): boolean {
  return cameWith !== null && (SPEAKS_OF[cameWith]?.test(place) ?? false);
}
