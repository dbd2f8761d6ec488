import type { AngleFigure, LengthFigure, Sourced, Statement } from '../../quantity/figure';
import type { EngineEnd } from './layout';

/** What carries the timing from the crank to the camshaft, and how it is proved. */
export interface TimingSpec extends Sourced {
  readonly drive: 'gears' | 'chain' | 'belt';
  /** What stands to what, in words. */
  readonly marks: readonly string[];
  /** Pins that hold crank and cams where the marks stand; nothing is held against by them. */
  readonly pins?: readonly string[];
  /** How it is fitted, its own pin in it. */
  readonly tensioner?: string;
  /** How pump or ignition stands to the crank. */
  readonly pump?: string;
  /** Before cylinder 1's firing top; at the top itself when absent. */
  readonly pumpBeforeTop?: AngleFigure;
  /** The wheels as they are seen, the crank's first. */
  readonly wheels?: readonly TimingWheel[];
  readonly seenFrom?: EngineEnd;
  /** Of the chain; or the teeth of the belt. */
  readonly links?: number;
  /** Where each mark is seen on the wheels. */
  readonly markPlaces?: readonly MarkPlace[];
  /** How far the wheels of a chain or belt may stand out of one line. */
  readonly line?: WheelLineSpec;
  /** By what a wheel is held while its bolts are pulled. */
  readonly counterHold?: Statement;
}

/** A gear, a sprocket or a toothed pulley. */
export interface TimingWheel {
  readonly id: string;
  readonly name: string;
  readonly teeth: number;
  /** Its centre from the crank's: x to the right, y up the page. */
  readonly xMm: number;
  readonly yMm: number;
}

export interface MarkPlace {
  /** Which of the marks, counted from 1 as they are listed. */
  readonly mark: number;
  readonly wheel: string;
  /** The wheel it meets, where both carry a dot; else it is seen at an angle. */
  readonly meets?: string;
  /** Clockwise from the top of its wheel, as it is seen. */
  readonly atDeg?: number;
  /** It stands to a marked link of the chain, which comes round in its own time. */
  readonly onLink?: boolean;
}

/** Read with a straightedge against the wheels, at several places of the crank. */
export interface WheelLineSpec extends Statement {
  readonly within: LengthFigure;
  /** Sizes of the shims behind the crank's wheel. */
  readonly shims?: readonly LengthFigure[];
}
