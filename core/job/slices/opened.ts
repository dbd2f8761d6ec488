import { openQuestions } from '../../sheet/variants';
import type { ActOf } from '../act';
import { needsWords } from '../cause';
import type { DecideContext } from '../decideContext';
import { decideScope } from '../decideScope';
import type { OpenedActs } from '../facts/opened';
import type { Slice } from '../kit/slice';
import { MECHANICS } from '../roles';
import type { JobState } from '../state';
import { ACCEPTED, refused, type Verdict } from '../verdict';

/** The engine a job is about, and the revision of its sheet the job works by. */
export const openedSlice: Slice<'opened', keyof OpenedActs> = {
  name: 'opened',
  empty: null,
  acts: {
    'job.opened': {
      nature: 'opening',
      roles: MECHANICS,
      card: () => null,
      decide: decideOpened,
      strikable: false,
    },
    'sheet.taken': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      restsOn: null,
      decide: decideSheetTaken,
      strikable: false,
    },
  },
  evolve: {
    'job.opened': (_, { data, at, by }) => ({ ...data, at, by }),
    'sheet.taken': (opened, { data }) => opened && { ...opened, sheet: data.sheet },
  },
};

/** On the pinned revision, with its questions answered and cylinder 1 looked for. */
function decideOpened(
  state: JobState,
  { data }: ActOf<'job.opened'>,
  { pinned: sheet }: DecideContext,
): Verdict {
  if (state.opened) return refused('already-open');
  if (data.sheet.id !== sheet.id || data.sheet.revision !== sheet.revision) {
    return refused('wrong-sheet');
  }
  const { variant = {}, scope, because, why } = data;
  if (!why && needsWords(because)) return refused('words-needed');
  const [question] = openQuestions(sheet, variant);
  if (question) return refused('unknown-variant', { question: question.ask });
  if (data.cylinder1End !== sheet.cylinder1End) {
    return refused('wrong-end', { end: sheet.cylinder1End });
  }
  return decideScope(null, scope, sheet);
}

/** A later revision of the same sheet. */
function decideSheetTaken({ opened }: JobState, { data }: ActOf<'sheet.taken'>): Verdict {
  const { id, revision } = data.sheet;
  if (id !== opened?.sheet.id) return refused('wrong-sheet');
  return revision > opened.sheet.revision ? ACCEPTED : refused('not-newer', { revision });
}
