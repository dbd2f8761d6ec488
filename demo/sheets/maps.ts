import type { SheetFastener } from '@cardinex/core/sheet/spec/fastening';

/** Fastener ids from the middle column outwards, the two ends by turns, each column from the top. */
export function outwards(fasteners: readonly SheetFastener[]): readonly string[] {
  const xs = fasteners.map((f) => f.xMm);
  const middle = (Math.min(...xs) + Math.max(...xs)) / 2;
  return [...fasteners]
    .sort(
      (a, b) =>
        Math.abs(a.xMm - middle) - Math.abs(b.xMm - middle) || a.xMm - b.xMm || a.yMm - b.yMm,
    )
    .map((f) => f.id);
}

/** Row by row from the top, each from the middle outwards. */
export function rowByRow(fasteners: readonly SheetFastener[]): readonly string[] {
  const rows = [...new Set(fasteners.map((f) => f.yMm))].sort((a, b) => a - b);
  return rows.flatMap((yMm) => outwards(fasteners.filter((f) => f.yMm === yMm)));
}

/** Bores in a row, `pitchMm` apart. */
export function boresInRow(
  cylinders: readonly number[],
  at: {
    readonly xMm: number;
    readonly yMm: number;
    readonly pitchMm: number;
    readonly diaMm: number;
  },
) {
  return cylinders.map((cylinder, place) => ({
    cylinder,
    xMm: at.xMm + place * at.pitchMm,
    yMm: at.yMm,
    diaMm: at.diaMm,
  }));
}
