import { writeTable } from './tableCsv';

/** Injector codes cylinder by cylinder, for the tool that is told of them. */
export function writeCodes(
  codes: readonly { readonly cylinder: number; readonly code: string }[],
): string {
  const sorted = [...codes].sort((a, b) => a.cylinder - b.cylinder);
  return writeTable(
    ['cylinder', 'code'],
    sorted.map(({ cylinder, code }) => [String(cylinder), code]),
  );
}
