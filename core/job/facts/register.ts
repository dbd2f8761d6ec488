/** What is put into an engine for a while and must come out again. */
export const THING_KINDS = [
  'liner-clamp',
  'guide-stud',
  'plug',
  'pin',
  'rag',
  'tape',
  'bracket',
  'other',
] as const;

export type ThingKind = (typeof THING_KINDS)[number];

/** What must not happen while it is in; null for what harms nothing by itself. */
export type ThingBars = 'turning' | 'starting' | 'covering';

export interface Thing {
  readonly id: string;
  readonly kind: ThingKind;
  /** "Rag", "Tensioner pin". */
  readonly what: string;
  readonly where: string;
  readonly bars: ThingBars | null;
  readonly putIn: { readonly at: string; readonly by: string; readonly seq: number };
  readonly takenOut: { readonly at: string; readonly by: string } | null;
}

/** Everything that went in, in the order it did. */
export type RegisterState = readonly Thing[];

export interface RegisterActs {
  'thing.put-in': Pick<Thing, 'kind' | 'what' | 'where' | 'bars'> & { readonly thing: string };
  'thing.taken-out': { readonly thing: string };
}
