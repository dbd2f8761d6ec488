import Papa from 'papaparse';

/** A table of words as CSV, its head first; nothing in it is taken for a formula by what opens it. */
export function writeTable(
  fields: readonly string[],
  rows: readonly (readonly string[])[],
): string {
  const data = rows.map((row) => [...row]);
  return Papa.unparse({ fields: [...fields], data }, { newline: '\r\n', escapeFormulae: true });
}
