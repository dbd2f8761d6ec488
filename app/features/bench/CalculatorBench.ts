import type { ReactNode } from 'react';
import type { ReaderUnits } from '@cardinex/words/quantity';
import type { FigureField, ReadFigures } from './readFigures';
import type { Values } from './useBenchValues';

/** Sets one of the values of a calculator. */
export type SetValue = (key: string, to: string) => void;

/** A calculator as data: what it asks for, what it answers, and how the answer is drawn. */
export interface CalculatorBench {
  /** The figures asked for; some depend on what was chosen. */
  readonly fields: readonly FigureField[] | ((values: Values) => readonly FigureField[]);
  /** What stands there the first time, and after clearing. */
  readonly starting?: Values | ((units: ReaderUnits) => Values);
  /** A picture of what is asked for, as far as it was read. */
  readonly drawing?: (read: ReadFigures) => ReactNode;
  /**
   * The answer, drawn; null while what was read is not enough.
   * @throws ReckoningFault of what was typed
   */
  readonly answer: (read: ReadFigures, values: Values, units: ReaderUnits) => ReactNode;
  /** What is asked for besides figures, above and below them. */
  readonly above?: (values: Values, set: SetValue, units: ReaderUnits) => ReactNode;
  readonly below?: (values: Values, set: SetValue, units: ReaderUnits) => ReactNode;
}
