import type { TemporaryBars } from '../../sheet/spec/assembly';

/** What is put into an engine for a while and must come out again. */
export const TEMPORARY_PART_KINDS = [
  'liner-clamp',
  'case-clamp',
  'piston-guide',
  'guide-stud',
  'plug',
  'pin',
  'rag',
  'tape',
  'bracket',
  'other',
] as const;

export type TemporaryPartKind = (typeof TEMPORARY_PART_KINDS)[number];

export interface TemporaryPart {
  readonly id: string;
  readonly kind: TemporaryPartKind;
  /** "Rag", "Tensioner pin". */
  readonly what: string;
  readonly where: string;
  readonly bars: TemporaryBars | null;
  readonly putIn: { readonly at: string; readonly by: string; readonly seq: number };
  readonly takenOut: { readonly at: string; readonly by: string } | null;
}

/** Everything that went in, in the order it did. */
export type RegisterState = readonly TemporaryPart[];

export interface RegisterActs {
  'temporary-part.put-in': Pick<TemporaryPart, 'kind' | 'what' | 'where' | 'bars'> & {
    readonly part: string;
  };
  'temporary-part.taken-out': { readonly part: string };
}
