import type { z } from 'zod';
import type { overheadInputs } from './schemas';

type Inputs = { readonly [N in keyof typeof overheadInputs]: z.infer<(typeof overheadInputs)[N]> };

const fourCylinders = {
  strokes: 4 as const,
  firing: [
    { cylinder: 1, atDeg: 0 },
    { cylinder: 3, atDeg: 180 },
    { cylinder: 4, atDeg: 360 },
    { cylinder: 2, atDeg: 540 },
  ],
  items: [1, 2, 3, 4].flatMap((cylinder) => [
    { id: `E${cylinder}`, cylinder, kind: 'exhaust', active: { fromDeg: 132, toDeg: 374 } },
    { id: `I${cylinder}`, cylinder, kind: 'intake', active: { fromDeg: 348, toDeg: 584 } },
  ]),
  marginDeg: 20,
};

/** One request for each reckoning of the overhead. */
export const overheadExamples: Inputs = {
  'valve-windows': { strokes: 4, ivoBtdcDeg: 12, ivcAbdcDeg: 44, evoBbdcDeg: 48, evcAtdcDeg: 14 },
  'barring-plan': { ...fourCylinders, stops: [0, 360] },
  settable: { ...fourCylinders, atDeg: 0 },
  'screw-turn': {
    measuredMm: 0.45,
    targetMm: 0.3,
    pitchMm: 1,
    rockerRatio: 1.5,
    screwAt: 'pushrod',
  },
  'lash-verdict': { lowMm: 0.3, highMm: 0.35, foundMm: 0.42, setMm: 0.32, lockedMm: 0.34 },
  'feeler-stack': {
    leavesMm: [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5],
    targetMm: 0.42,
    maxLeaves: 3,
    toleranceMm: 0.03,
  },
  'hydraulic-preload': {
    pitchMm: 1.25,
    turns: 0.5,
    screwAt: 'pivot',
    rockerRatio: 1.6,
    plungerTravelMm: 4,
  },
  'injector-setting': { method: 'height', gaugeMm: 76.4, measuredMm: 76.9, pitchMm: 1 },
  'stand-out': {
    items: [8.1, 8.3, 8, 10.2, 8.2, 7.9].map((mm, at) => ({ id: `E${at + 1}`, mm })),
  },
  'tappet-shims': {
    valves: [
      { id: 'E1', measuredMm: 0.3, fittedMm: 3.1 },
      { id: 'I1', measuredMm: 0.5, fittedMm: 3 },
      { id: 'E2', measuredMm: 0.7, fittedMm: 3.2 },
    ],
    lowMm: 0.35,
    highMm: 0.45,
    stock: [{ mm: 3.5, count: 2 }],
  },
  'lash-trend': {
    readings: [
      { hours: 2100, mm: 0.41 },
      { hours: 4300, mm: 0.36, setMm: 0.4 },
      { hours: 6200, mm: 0.37, setMm: 0.4 },
      { hours: 8400, mm: 0.36 },
    ],
    closesAtMm: 0.2,
  },
};
