import Papa from 'papaparse';

/** Injector codes cylinder by cylinder, for the tool that is told of them. */
export function writeCodes(
  codes: readonly { readonly cylinder: number; readonly code: string }[],
): string {
  const data = [...codes].sort((a, b) => a.cylinder - b.cylinder);
  return Papa.unparse(
    { fields: ['cylinder', 'code'], data },
    { newline: '\r\n', escapeFormulae: true },
  );
}
