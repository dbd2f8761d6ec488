/** How far a job goes into an engine, from least to most. */
export const SCOPES = [
  'pieces',
  'gasket',
  'one-head',
  'one-cylinder',
  'top-end',
  'in-frame',
  'everything',
] as const;

export type ScopeKind = (typeof SCOPES)[number];

export interface Scope {
  readonly kind: ScopeKind;
  /** Which head, as the sheet names its instances; or which cylinder. */
  readonly only?: string;
  /** Pieces picked besides, whole or one of several: `sump`, `injector/3`. All there is, of a job that is about pieces. */
  readonly also?: readonly string[];
  /** Pieces that come off as one with what they stand on. */
  readonly keep?: readonly Kept[];
}

/** A manifold that is lifted with its head: its own joint and bolts stay as they are. */
export interface Kept {
  /** The piece, in all its places. */
  readonly piece: string;
  readonly why: string;
}

export interface ScopeActs {
  /** The job goes further into the engine than was thought. */
  'scope.widened': { readonly scope: Scope; readonly words: string };
}
