import type { z } from 'zod';
import type { ReckonName, reckonInputs } from './schemas';
import { overheadExamples } from './overhead/examples';
import { tighteningExamples } from './tightening/examples';
import { timingExamples } from './timing';

type Inputs = { readonly [N in ReckonName]: z.infer<(typeof reckonInputs)[N]> };

/** One request for each reckoning, shown in the OpenAPI document and run by its tests. */
export const reckonExamples: Inputs = {
  ...tighteningExamples,
  ...overheadExamples,
  ...timingExamples,
  'liner-check': {
    bores: [
      { id: '1', readingsMm: [0.07, 0.08] },
      { id: '2', readingsMm: [0.08, 0.08] },
      { id: '3', readingsMm: [0.07, 0.11] },
      { id: '4', readingsMm: [0.1, 0.11] },
    ],
    limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.03, tiltMm: 0.03 },
    rise: 'up',
  },
  rim: { deg: 120, rimDiaMm: 380, teethTotal: 132 },
  'dead-centre': { stopForwardDeg: 340, stopBackDeg: 24 },
  'piston-travel': { crankDeg: 90, strokeMm: 118, rodMm: 205 },
  'head-flatness': {
    readings: [
      { line: 'long', gapMm: 0.12 },
      { line: 'cross', gapMm: 0.03 },
      { line: 'diagonal-1', gapMm: 0.08 },
      { line: 'diagonal-2', gapMm: 0.1 },
    ],
    limitMm: 0.05,
    camInHead: false,
    thicknessMm: 91.8,
    standardMm: 92,
    repairMm: 91.4,
    cutAllowanceMm: 0.05,
  },
  'bore-wear': {
    readingsMm: { top: [100.12, 100.08], middle: [100.05, 100.04], bottom: [100.02, 100.01] },
    nominalMm: 100,
    limits: { wearMm: 0.1, taperMm: 0.1, ovalityMm: 0.05 },
    oversizesMm: [0.25, 0.5],
    cleanUpMm: 0.05,
  },
  undersize: {
    journalMm: [79.73, 79.7],
    standardMm: 80,
    stepsMm: [0.25, 0.5, 0.75],
    minimumMm: 79.25,
    wearMm: 0.03,
  },
  'running-clearance': {
    boreMm: [80.06, 80.07],
    journalMm: [79.99, 80],
    limits: { lowMm: 0.05, highMm: 0.1 },
  },
  'end-float': { forwardMm: 0.31, backMm: 0.12, limits: { lowMm: 0.1, highMm: 0.3 } },
  'ring-thickness': {
    readingsMm: [4.98, 4.97, 4.99, 4.98],
    newMm: 5,
    limits: { minMm: 4.9, spreadMm: 0.03 },
  },
  'liner-arrange': {
    bores: [8, 8.01, 8, 8.02].map((counterboreMm, at) => ({ id: String(at + 1), counterboreMm })),
    liners: [8.06, 8.11, 8.08, 8.13].map((flangeMm, at) => ({ id: String(at + 1), flangeMm })),
    shims: [],
    shimRequired: false,
    maxShims: 0,
    limits: { lowMm: 0.05, highMm: 0.12, adjacentMm: 0.04 },
    rise: 'up',
  },
  'ring-gap': {
    rings: [
      { id: 'top', measuredMm: 0.3, limit: { lowMm: 0.35, highMm: 0.6 } },
      { id: 'second', measuredMm: 0.44, limit: { perBoreMm: 0.004, toleranceMm: 0.2 } },
      { id: 'oil', measuredMm: 0.4, limit: { lowMm: 0.3, highMm: 0.55 }, fileable: false },
    ],
    boreMm: 105,
    fileable: true,
  },
  'ring-clock': {
    rings: [
      { id: 'top', kind: 'compression' },
      { id: 'second', kind: 'compression' },
      { id: 'oil', kind: 'oil' },
      { id: 'spring', kind: 'expander' },
    ],
    rule: 'even',
    pinDeg: 0,
    thrustDeg: 90,
    keepClearDeg: 20,
  },
  'match-mass': {
    pieces: [902, 911, 904, 909].map((grams, at) => ({ id: String(at + 1), grams })),
    limitGrams: 4,
    pairs: true,
  },
  'pin-heat': {
    interferenceMm: 0.03,
    wantedClearanceMm: 0.03,
    diaMm: 30,
    alphaPerK: 1.2e-5,
    ambientTempC: 20,
    maxTempC: 280,
  },
  'gasket-grade': {
    pistons: [
      { cylinder: 1, readingsMm: [0.46, 0.48] },
      { cylinder: 2, readingsMm: [0.5, 0.52] },
    ],
    grades: [
      { mark: 'one hole', overMm: 0.35, uptoMm: 0.48, thicknessMm: 1.2 },
      { mark: 'two holes', overMm: 0.48, uptoMm: 0.56, thicknessMm: 1.3 },
    ],
    rule: 'highest',
    minClearanceMm: 0.7,
  },
  compression: {
    boreMm: 105,
    strokeMm: 127,
    chamberCc: 6,
    bowlCc: 52,
    gasketBoreMm: 107,
    gasketMm: 1.3,
    standOutMm: 0.51,
  },
};
