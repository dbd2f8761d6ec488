/** What a shape is there for. A theme gives each role its colour; nothing is told by colour alone. */
export type Role =
  /** Print and outlines. */
  | 'ink'
  /** What stands behind, or is only measured against. */
  | 'soft'
  /** The card it is drawn on. */
  | 'paper'
  /** A surface a little darker than the card. */
  | 'tab'
  | 'rule'
  /** Where you are now. */
  | 'now'
  | 'onNow'
  /** Stop, or out of limits. */
  | 'stop'
  | 'waiting'
  | 'within'
  | 'onWithin'
  /** Looking back at what was done. */
  | 'past'
  | 'onPast';

/** How wide an outline is: in the drawing's own units, or in lines of the theme, heavier where the sun shines. */
export type Weight = number | { readonly lines: number };

/** How a shape is filled and outlined; neither unless it is said. */
export interface Look {
  readonly fill?: Role;
  readonly stroke?: Role;
  readonly weight?: Weight;
  /** Lengths of dash and gap, in the drawing's units. */
  readonly dash?: readonly [dash: number, gap: number] | undefined;
  readonly ends?: 'round';
  /** Of fill and outline together, from 0 to 1. */
  readonly opacity?: number;
}

export interface Line extends Look {
  readonly kind: 'line';
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

export interface Circle extends Look {
  readonly kind: 'circle';
  readonly cx: number;
  readonly cy: number;
  readonly r: number;
}

export interface Box extends Look {
  readonly kind: 'box';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly corner: number;
}

export interface Polygon extends Look {
  readonly kind: 'polygon';
  readonly points: readonly Point[];
}

export interface Path extends Look {
  readonly kind: 'path';
  /** In the language of SVG paths. */
  readonly d: string;
}

/** The faces the app ships: bold for figures and names, lighter for labels, one to read. */
export type Face = 'head' | 'label' | 'text';

export interface Word {
  readonly kind: 'word';
  readonly text: string;
  readonly x: number;
  /** The line it stands on. */
  readonly y: number;
  readonly size: number;
  readonly face: Face;
  readonly fill: Role;
  /** Which part of it stands at x. */
  readonly anchor: 'start' | 'middle' | 'end';
  /** An edge round its letters, so that it can be read where a line runs under it. */
  readonly edge?: Role;
}

export interface Group {
  readonly kind: 'group';
  readonly x: number;
  readonly y: number;
  /** Clockwise about its own origin. */
  readonly turnDeg: number;
  readonly scale: number;
  /** What is chosen by a touch of it. */
  readonly target?: string;
  readonly shapes: readonly Shape[];
}

export type Shape = Line | Circle | Box | Polygon | Path | Word | Group;

export type Point = readonly [x: number, y: number];

/** The part of the plane that is shown: x to the right, y down. */
export interface Frame {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A drawing without a surface: what is in sight, where, and what it says to someone who cannot see it. */
export interface Drawing {
  readonly kind: DrawingKind;
  readonly frame: Frame;
  /** In the reader's language. */
  readonly description: string;
  /** Which of several it is, where one engine has several: the name of its bolts. */
  readonly subject?: string | undefined;
  readonly shapes: readonly Shape[];
}

/** Every drawing there is, by what it shows. */
export type DrawingKind =
  | 'adjusters'
  | 'bolt-lengths'
  | 'bore-section'
  | 'bridge'
  | 'clamp-map'
  | 'crank'
  | 'crank-clock'
  | 'cylinders-in-cycle'
  | 'cylinder-layout'
  | 'face-gaps'
  | 'feeler-stack'
  | 'head-map'
  | 'leaf'
  | 'liner-heights'
  | 'liner-moves'
  | 'liner-plan'
  | 'piston-way'
  | 'plunger'
  | 'protractor'
  | 'rim'
  | 'ring-clock'
  | 'row-of-parts'
  | 'screw-turn'
  | 'shells'
  | 'slider-crank'
  | 'stack'
  | 'stops'
  | 'straightedge'
  | 'timing-wheels'
  | 'torque-trace'
  | 'valve-trend'
  | 'valve-windows'
  | 'wrench';
