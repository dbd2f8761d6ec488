import { plural } from '../kit';
import type { DrawingKind } from '@cardinex/drawings/shape';

/** What each drawing is called, where it is saved. */
export const drawingTitles: Readonly<Record<DrawingKind, string>> = {
  adjusters: 'Adjusters in their row',
  'bolt-lengths': 'Which bolt goes where',
  'bore-section': 'The bore in section',
  bridge: 'The bridge on its stems',
  'clamp-map': 'Clamp on the deck',
  crank: 'The crank from the side',
  'crank-clock': 'The crank as a clock',
  'cylinders-in-cycle': 'The cylinders as they stand',
  'cylinder-layout': 'The cylinders from above',
  'face-gaps': 'The gaps under the straightedge',
  'feeler-stack': 'The leaves from the edge',
  'head-map': 'The bolts from above',
  leaf: 'Where the leaf goes',
  'liner-heights': 'Liner heights',
  'liner-moves': 'Where each liner goes',
  'liner-plan': 'The liners from above',
  'piston-way': 'Which way the piston goes',
  plunger: 'The plunger in its tappet',
  protractor: 'The turn',
  rim: 'Along the rim',
  'ring-clock': 'The ring gaps',
  'row-of-parts': 'The parts in their row',
  'screw-turn': 'The turn of the screw',
  shells: 'Old shells along the shaft',
  'slider-crank': 'Crank, rod and piston',
  stack: 'The pieces of the engine',
  stops: 'Between two stops',
  straightedge: 'The straightedge lines',
  'timing-wheels': 'The timing wheels',
  'torque-trace': 'Torque over turn',
  'valve-trend': 'The gap over the hours',
  'valve-windows': 'What is lifted when',
  wrench: 'The wrench from above',
};

export const drawingWords = {
  title: (count: number) => plural(count, { one: 'Save the drawing', other: 'Save a drawing' }),
  formats: { svg: 'SVG', png: 'PNG' },
  save: (title: string, subject: string | undefined, format: string) =>
    subject === undefined
      ? `Save “${title}” as ${format}`
      : `Save “${title}” of ${subject} as ${format}`,
  failed: 'This browser made no picture of it. Try SVG instead.',
} as const;
