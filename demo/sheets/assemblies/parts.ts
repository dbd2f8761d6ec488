import type { Sourced } from '@cardinex/core/quantity/figure';
import type { TorqueUnit } from '@cardinex/core/quantity/units';
import type {
  AssemblyActSpec,
  ConnectionSpec,
  CrankPlaceSpec,
  HeldBySpec,
  HidesSpec,
  PieceSpec,
  TemporarySpec,
  WaysSpec,
} from '@cardinex/core/sheet/spec/assembly';
import type { JointSpec } from '@cardinex/core/sheet/spec/joint';
import type { Book } from '../printed';

type Line<T> = Omit<T, keyof Sourced>;

/** Short ways to say what a book says of its pieces, page by page. */
export class Parts {
  constructor(
    private readonly book: Book,
    private readonly unit: TorqueUnit = 'N·m',
  ) {}

  piece = (page: number, spec: Line<PieceSpec>): PieceSpec => ({ ...spec, ...this.book.on(page) });

  act = (page: number, spec: Line<AssemblyActSpec>): AssemblyActSpec => ({
    ...spec,
    ...this.book.on(page),
  });

  putIn = (page: number, spec: Line<TemporarySpec>): TemporarySpec => ({
    ...spec,
    ...this.book.on(page),
  });

  ways = (page: number, spec: Line<WaysSpec>): WaysSpec => ({ ...spec, ...this.book.on(page) });

  crank = (page: number, stands: CrankPlaceSpec['stands'], sentence: string): CrankPlaceSpec => ({
    stands,
    ...this.book.says(sentence, page),
  });

  /** Plain screws without an order: so many, pulled to so much. */
  screws = (page: number, count: number, pull: number, says?: string): HeldBySpec => ({
    by: 'screws',
    count,
    value: { figure: this.book.torque(pull, this.unit, page) },
    ...(says !== undefined && { says }),
  });

  union = (
    page: number,
    what: string,
    to: string,
    pull: number,
    more: Partial<ConnectionSpec> = {},
  ): ConnectionSpec => ({
    what,
    kind: 'union',
    to,
    value: { figure: this.book.torque(pull, this.unit, page) },
    ...more,
  });
}

/** Held otherwise than by screws. */
export function held(by: HeldBySpec['by'], says?: string): HeldBySpec {
  return { by, ...(says !== undefined && { says }) };
}

/** A joint that is renewed; `part` where the kit list has a line for it. */
export function renewed(
  kind: JointSpec['kind'],
  what: string,
  more: Partial<JointSpec> = {},
): JointSpec {
  return { kind, use: 'new', what, ...more };
}

/** What is looked for last; "new: " before a plug that is renewed, "plug: " before one that is cleaned. */
export function hides(...lines: readonly string[]): readonly HidesSpec[] {
  return lines.map((line) => {
    if (line.startsWith('new: ')) return { what: line.slice(5), plug: 'new' };
    if (line.startsWith('plug: ')) return { what: line.slice(6), plug: 'cleaned' };
    return { what: line };
  });
}

/** A hose, a wire or a pipe between a piece and something else. */
export function joined(
  kind: ConnectionSpec['kind'],
  what: string,
  to?: string,
  more: Partial<ConnectionSpec> = {},
): ConnectionSpec {
  return { what, kind, ...(to !== undefined && { to }), ...more };
}
