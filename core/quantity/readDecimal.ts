const DECIMAL = /^[+\u2212-]?(\d+([.,]\d*)?|[.,]\d+)$/;

/**
 * A figure as it is typed: a sign, digits, and one decimal mark, comma or point. No grouping.
 * @returns null for anything else
 * @example readDecimal('0,08') // 0.08
 */
export function readDecimal(text: string): number | null {
  const typed = text.trim();
  return DECIMAL.test(typed) ? Number(typed.replace(',', '.').replace('\u2212', '-')) : null;
}
