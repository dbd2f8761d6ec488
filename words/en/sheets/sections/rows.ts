import type { Figure, FigureOrigin, Limits, Printed } from '@cardinex/core/quantity/figure';
import type { GapLimits } from '@cardinex/core/sheet/spec/overhead';
import { listed, printedSource, printedText } from '../../quantity';

/** One thing a sheet says: what of, the figure or the words, and where they stand. */
export interface SheetRow {
  readonly label: string;
  readonly value: string;
  readonly source?: string;
  readonly from?: FigureOrigin;
}

export interface SheetSection {
  readonly title: string;
  readonly rows: readonly SheetRow[];
}

type Sourced = { readonly source: string; readonly from: FigureOrigin };
type Maybe<T> = T | undefined;

/** One line of a section. */
export function row(label: string, value: string, entry?: Sourced): SheetRow {
  return { label, value, ...(entry && { source: entry.source, from: entry.from }) };
}

/** A figure by its text; nothing where the sheet has none. */
export function figure(label: string, maybe: Maybe<Figure<string>>): SheetRow[] {
  return maybe ? [row(label, maybe.text, maybe)] : [];
}

/** Low and high, or the one of them that is printed. */
export function limits(label: string, maybe: Maybe<Limits<string>>): SheetRow[] {
  const { low, high } = maybe ?? {};
  if (low && high) return [row(label, `${low.text} to ${high.text}`, low)];
  if (low) return [row(label, `${low.text} at least`, low)];
  return high ? [row(label, `${high.text} at most`, high)] : [];
}

/** A gap with its limits. */
export function gap(label: string, maybe: Maybe<GapLimits>): SheetRow[] {
  if (!maybe) return [];
  return [
    row(label, `${maybe.figure.text} (${maybe.low.text} to ${maybe.high.text})`, maybe.figure),
  ];
}

/** A statement in its own words. */
export function says(label: string, maybe: Maybe<Sourced & { readonly says: string }>): SheetRow[] {
  return maybe ? [row(label, maybe.says, maybe)] : [];
}

/** A value as printed: a figure, a range, or what is said instead. */
export function printed(label: string, maybe: Maybe<Printed<string>>): SheetRow[] {
  if (!maybe) return [];
  const from = 'figure' in maybe ? maybe.figure.from : 'low' in maybe ? maybe.low.from : undefined;
  const source = printedSource(maybe);
  return [{ label, value: printedText(maybe), ...(from && { from, source }) }];
}

/** A list of sizes, the long ones by their ends. */
export function figures(label: string, maybe: Maybe<readonly Figure<string>[]>): SheetRow[] {
  const [first] = maybe ?? [];
  if (!maybe || !first) return [];
  if (maybe.length > 6) {
    const last = maybe.at(-1) ?? first;
    return [row(label, `${maybe.length} sizes, ${first.text} to ${last.text}`, first)];
  }
  return [row(label, listed(maybe.map((figure) => figure.text)), first)];
}
