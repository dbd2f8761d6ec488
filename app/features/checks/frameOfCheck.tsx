import type { ReactNode } from 'react';
import type { CheckView } from '@cardinex/core/job/checks/view';
import type { JobSheet } from '@cardinex/core/job/scope';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { checkName } from '@cardinex/words/checkNames';
import { FootMark } from '../job/FootMark';

interface FrameOfCheck {
  readonly title: string;
  readonly aside: string;
  readonly foot: ReactNode;
}

/** What a card's frame says of the check in hand: its name, how far it is, and that all of it is read. */
export function frameOfCheck(
  sheet: JobSheet,
  { check, read, total, done }: CheckView,
): FrameOfCheck {
  return {
    title: checkName(sheet, check),
    aside: w.readOf(read, total),
    foot: done ? <FootMark kind="within" word={w.allRead} /> : null,
  };
}
