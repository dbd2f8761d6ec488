import { numberIn } from '@cardinex/core/sheet/checks/figures';

/** How people write the units a figure may have. */
const WRITTEN: readonly (readonly [RegExp, string])[] = [
  [/lbf?[\s·.-]*ft|ft[\s·.-]*lbs?/i, 'lbf·ft'],
  [/lbf?[\s·.-]*in|in[\s·.-]*lbs?/i, 'lbf·in'],
  [/kgf?[\s·.-]*m\b|m[\s·.-]*kgf?/i, 'kgf·m'],
  [/\bn[\s·.-]*m\b/i, 'N·m'],
  [/°|deg/i, 'deg'],
  [/thou|mil/i, 'thou'],
  [/\bmm\b/i, 'mm'],
  [/\bin(ch)?\b|"|″/i, 'in'],
  [/\bpsi\b/i, 'psi'],
  [/\bbar\b/i, 'bar'],
  [/\bh(ours?|rs?)?\b/i, 'h'],
  [/\bmin/i, 'min'],
  [/turn/i, 'turn'],
  [/\bcc\b|cm³/i, 'cc'],
  [/\bl(itres?)?\b/i, 'l'],
  [/\bg(rams?)?\b/i, 'g'],
  [/°\s?C\b/i, '°C'],
];

export interface ReadFigure {
  readonly text: string;
  readonly value?: number;
  readonly unit?: string;
}

/**
 * A figure as it is typed from the book: its number, and the unit it names among those it may have.
 * Without a unit it takes the one it had, or the only one there is.
 * @example readFigure('0,30 mm', ['mm', 'thou', 'in']) // { text: '0,30 mm', value: 0.3, unit: 'mm' }
 */
export function readFigure(text: string, units: readonly string[], before?: string): ReadFigure {
  const value = numberIn(text);
  const named = WRITTEN.find(
    ([pattern, unit]) => units.includes(unit) && pattern.test(afterNumber(text)),
  );
  const unit = named?.[1] ?? before ?? (units.length === 1 ? units[0] : undefined);
  return { text, ...(value !== null && { value }), ...(unit !== undefined && { unit }) };
}

/** The part of a text its unit can stand in. */
function afterNumber(text: string): string {
  return text.replace(/^[^\d]*[\d.,/\s½¼¾]+/, ' ');
}
