import type { CalibrationPoint } from '../tightening/wrenchChoose';

/** What each kind of tool is, besides its name. */
export interface ToolSpecs {
  'torque-wrench': {
    readonly square: string;
    readonly lowNm: number;
    readonly highNm: number;
    readonly stepNm?: number;
    /** From its square to the mark where the hand belongs. */
    readonly lengthMm: number;
    readonly reads: 'click' | 'reading';
  };
  adapter: {
    readonly fits: string;
    /** From the wrench's square to the fastener. */
    readonly lengthMm: number;
    /** 0 straight on, 90 square, 180 folded back. */
    readonly angleDeg: number;
  };
  feelers: {
    readonly unit: 'mm' | 'thou';
    /** The leaves that came with it. */
    readonly leavesMm: readonly number[];
  };
  'angle-gauge': Described;
  'depth-gauge': Gauge;
  'dial-gauge': Gauge;
  micrometer: Gauge;
  'bore-gauge': Gauge;
  jack: { readonly areaMm2: number; readonly maxBar: number };
  pump: { readonly maxBar: number };
  'crank-bar': Described;
  'degree-wheel': Described;
  'rim-mark': Described;
}

interface Described {
  readonly words?: string;
}

interface Gauge {
  readonly lowMm?: number;
  readonly highMm?: number;
  /** The smallest step it reads. */
  readonly readsMm?: number;
}

export type ToolKind = keyof ToolSpecs;

/** A kind with its own particulars. */
export type ToolIs = {
  readonly [K in ToolKind]: { readonly kind: K; readonly spec: ToolSpecs[K] };
}[ToolKind];

/** What can happen to a tool. */
export interface ToolActData {
  'tool.entered': ToolIs & { readonly name: string };
  'tool.corrected': ToolIs & { readonly name: string; readonly words: string };
  'tool.checked': {
    /** ISO dates. */
    readonly on: string;
    readonly dueOn: string;
    readonly certificate?: string;
    /** What it gave against a reference, by rising setting. */
    readonly points: readonly CalibrationPoint[];
  };
  'tool.found-off': { readonly words: string };
  'leaf.lost': { readonly mm: number };
  'leaf.replaced': { readonly mm: number };
  'tool.retired': { readonly words: string };
}

export type ToolActType = keyof ToolActData;

export interface ToolActOf<T extends ToolActType> {
  readonly id: string;
  readonly v: 1;
  readonly type: T;
  readonly at: string;
  readonly by: string;
  readonly device: string;
  readonly data: ToolActData[T];
}

export type ToolAct = { readonly [T in ToolActType]: ToolActOf<T> }[ToolActType];

/** An act of a tool as its log keeps it, chained to the one before. */
export type ToolEvent = ToolAct & {
  readonly seq: number;
  readonly receivedAt: string;
  readonly previousHash: string;
  readonly hash: string;
};

export interface ToolCheck {
  readonly on: string;
  readonly dueOn: string;
  readonly certificate?: string;
  readonly points: readonly CalibrationPoint[];
  readonly by: string;
}

/** A tool as its log leaves it. */
export type ToolState = ToolIs & {
  readonly id: string;
  readonly name: string;
  /** Newest last. */
  readonly checks: readonly ToolCheck[];
  /** Found off and not checked good since. */
  readonly off: { readonly at: string; readonly by: string; readonly words: string } | null;
  readonly lostMm: readonly number[];
  readonly retired: { readonly at: string; readonly words: string } | null;
};

/** The last check that found it good; undefined for a tool never checked. */
export function lastCheck(tool: ToolState): ToolCheck | undefined {
  return tool.checks.at(-1);
}

/** The leaves a set still has, thinnest first. */
export function leavesLeft(tool: ToolState): readonly number[] {
  if (tool.kind !== 'feelers') return [];
  const lost = [...tool.lostMm];
  return tool.spec.leavesMm
    .filter((mm) => {
      const at = lost.findIndex((value) => Math.abs(value - mm) < 1e-6);
      if (at < 0) return true;
      lost.splice(at, 1);
      return false;
    })
    .sort((a, b) => a - b);
}
