/** How far a job goes into an engine, from least to most. */
export const SCOPES = [
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
}

export interface ScopeActs {
  /** The job goes further into the engine than was thought. */
  'scope.widened': { readonly scope: Scope; readonly words: string };
}
