import type { Act, ActData, ActType } from '@cardinex/core/job/act';
import type { JobSheet } from '@cardinex/core/job/scope';
import type { ActLine, Known } from './actLine';
import type { ReaderUnits } from './quantity';

/** What the words of an act may look at besides what it says. */
export interface Around {
  readonly sheet: JobSheet;
  readonly units: ReaderUnits;
  /** Names what went in or out; without it a line says only that something did. */
  readonly known: Known | undefined;
  /** The line of another act, for acts about acts. */
  readonly lineOf: (act: Act) => ActLine;
}

/** How one kind of act is said. */
export interface ActWords<T extends ActType> {
  /** Its line in the record. */
  readonly line: (data: ActData[T], around: Around) => ActLine;
  /** What undoing it would take back, in as few words as a button has room for; as its line begins unless given. */
  readonly undo?: (data: ActData[T], around: Around) => string;
}

/** The words of each of a slice's acts; one that is missing does not compile. */
export type SliceWords<Acts> = { readonly [T in keyof Acts & ActType]: ActWords<T> };

/** A line with what somebody said, where they said something. */
export function withWords(line: Omit<ActLine, 'words'>, words: string | undefined): ActLine {
  return words ? { ...line, words } : line;
}
