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
export function row(label: string, value: string, of?: Sourced): SheetRow {
  return { label, value, ...(of && { source: of.source, from: of.from }) };
}

/** A figure by its text; nothing where the sheet has none. */
export function figure(label: string, of: Maybe<Figure<string>>): SheetRow[] {
  return of ? [row(label, of.text, of)] : [];
}

/** Low and high, or the one of them that is printed. */
export function limits(label: string, of: Maybe<Limits<string>>): SheetRow[] {
  const { low, high } = of ?? {};
  if (low && high) return [row(label, `${low.text} to ${high.text}`, low)];
  if (low) return [row(label, `${low.text} at least`, low)];
  return high ? [row(label, `${high.text} at most`, high)] : [];
}

/** A gap with its limits. */
export function gap(label: string, of: Maybe<GapLimits>): SheetRow[] {
  if (!of) return [];
  return [row(label, `${of.figure.text} (${of.low.text} to ${of.high.text})`, of.figure)];
}

/** A statement in its own words. */
export function says(label: string, of: Maybe<Sourced & { readonly says: string }>): SheetRow[] {
  return of ? [row(label, of.says, of)] : [];
}

/** A value as printed: a figure, a range, or what is said instead. */
export function printed(label: string, of: Maybe<Printed<string>>): SheetRow[] {
  if (!of) return [];
  const from = 'figure' in of ? of.figure.from : 'low' in of ? of.low.from : undefined;
  const source = printedSource(of);
  return [{ label, value: printedText(of), ...(from && { from, source }) }];
}

/** A list of sizes, the long ones by their ends. */
export function figures(label: string, of: Maybe<readonly Figure<string>[]>): SheetRow[] {
  const [first] = of ?? [];
  if (!of || !first) return [];
  if (of.length > 6) {
    const last = of.at(-1) ?? first;
    return [row(label, `${of.length} sizes, ${first.text} to ${last.text}`, first)];
  }
  return [row(label, listed(of.map((one) => one.text)), first)];
}
