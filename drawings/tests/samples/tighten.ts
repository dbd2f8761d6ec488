import type { BoltStatus } from '@cardinex/core/job/run/views';
import type { FastenedSet } from '@cardinex/core/sheet/spec/fastening';
import { treatmentsOf } from '@cardinex/core/sheet/treatmentOf';
import { traceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { demoSheets } from '@cardinex/demo/sheets/all';
import type { Drawing } from '../../shape';
import { boltLengthsDrawing } from '../../tighten/boltLengths';
import { clampMapDrawing } from '../../tighten/clampMap';
import { headMapDrawing } from '../../tighten/headMap';
import { protractorDrawing } from '../../tighten/protractor';
import { torqueTraceDrawing } from '../../tighten/torqueTrace';
import { figure } from './common';

const sets = demoSheets.flatMap((sheet) =>
  (sheet.fastenedSets ?? []).map((set) => ({ sheet, set })),
);
const BOLTS: readonly BoltStatus[] = ['done', 'done', 'half', 'failed', 'sweep', 'contested'];

function maps(): readonly Drawing[] {
  return sets.map(({ sheet, set }) =>
    headMapDrawing({
      set,
      bolts: set.fasteners.map(({ id }, nth) => ({ id, status: BOLTS[nth] ?? 'open' })),
      currentId: set.fasteners.at(-1)?.id ?? null,
      nextId: set.fasteners.at(-2)?.id ?? null,
      treatments: treatmentsOf(set),
      values: new Map(set.fasteners.slice(0, 2).map(({ id }) => [id, '128'])),
      past: sheet.strokes === 2,
      description: `${sheet.name}, ${set.name}`,
    }),
  );
}

function clamped(set: FastenedSet): Drawing {
  const bolts = set.fasteners.map(({ id }, nth) => {
    const kn = 90 - (nth % 4) * 12;
    return { id, meanKn: kn, lowKn: kn - 3, highKn: kn + 3 };
  });
  return clampMapDrawing({ set, bolts, fullKn: 90, figure, description: set.name });
}

function traces(): readonly Drawing[] {
  const plan = { snugNm: 30, angleDeg: 90 };
  const sound = [0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100, 110];
  return [0, 4].map((bend) => {
    const samples = sound.map((deg) => ({
      deg,
      nm: deg < 20 ? deg : 20 + (deg - 20) * 1.2 - (bend * Math.max(0, deg - 70)) / 4,
    }));
    return torqueTraceDrawing({
      samples,
      found: traceVerdict({ samples, plan }),
      description: 'A trace',
      seat: 'seats',
      yields: 'yields',
      figure,
    });
  });
}

export function tightenSamples(): readonly Drawing[] {
  return [
    ...maps(),
    ...sets
      .filter(({ set }) => set.groups.length > 1)
      .map(({ set }) => boltLengthsDrawing({ set, description: set.name })),
    ...sets.slice(0, 2).map(({ set }) => clamped(set)),
    ...[40, 90].map((turnedDeg) =>
      protractorDrawing({ deg: 75, turnedDeg, description: `${turnedDeg} of 75` }),
    ),
    ...traces(),
  ];
}
