import type { CameWith, Layer, Point } from '@cardinex/core/job/facts/layers';
import { createStore, del, get, set } from 'idb-keyval';

/** A leaflet or a deviation being entered, kept on this device as it is typed. */
export interface LayerDraft {
  readonly title: string;
  readonly cameWith: CameWith | null;
  /** As far as they have got: `to` is missing for a figure picked and not yet given. */
  readonly points: readonly (Pick<Point, 'at'> & { readonly to?: unknown })[];
}

const NO_LAYER_DRAFT: LayerDraft = { title: '', cameWith: null, points: [] };

const store = createStore('cardinex.layers', 'drafts');

function keyOf(jobId: string, kind: Layer['kind']): string {
  return `${jobId}/${kind}`;
}

export async function getLayerDraft(jobId: string, kind: Layer['kind']): Promise<LayerDraft> {
  return (await get<LayerDraft>(keyOf(jobId, kind), store)) ?? NO_LAYER_DRAFT;
}

export function keepLayerDraft(
  jobId: string,
  kind: Layer['kind'],
  draft: LayerDraft,
): Promise<void> {
  return set(keyOf(jobId, kind), draft, store);
}

export function dropLayerDraft(jobId: string, kind: Layer['kind']): Promise<void> {
  return del(keyOf(jobId, kind), store);
}
