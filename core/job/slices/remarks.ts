import type { LoggedActOf } from '../act';
import type { Remark, RemarksActs, RemarksState } from '../facts/remarks';
import type { Slice } from '../kit/slice';
import { ANY_HAND, MECHANICS } from '../roles';
import type { JobState } from '../state';
import { ACCEPTED, refused, type Verdict } from '../verdict';

/** What is to be seen to later: open ones keep a job from closing. */
export const remarksSlice: Slice<'remarks', keyof RemarksActs> = {
  name: 'remarks',
  empty: [],
  acts: {
    'remark.made': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      whenParked: true,
      decide: ({ remarks }, { data }) =>
        remarks.some(({ id }) => id === data.remark) ? refused('unknown-remark') : ACCEPTED,
    },
    'remark.seen-to': {
      nature: 'fact',
      roles: ANY_HAND,
      card: () => null,
      decide: (state, { data }) => isOpen(state, data.remark),
    },
    'remark.accepted': {
      nature: 'decision',
      roles: MECHANICS,
      card: () => null,
      restsOn: ({ remark }, fact) => fact.type === 'remark.seen-to' && fact.data.remark === remark,
      holdsUp: () => ({ card: 'cause' }),
      decide: (state, { data }) => isOpen(state, data.remark),
    },
  },
  evolve: {
    'remark.made': (remarks, { data: { remark: id, ...said }, at, by }) => [
      ...remarks,
      { id, ...said, at, by, closed: null },
    ],
    'remark.seen-to': (remarks, act) => closed(remarks, 'seen-to', act),
    'remark.accepted': (remarks, act) => closed(remarks, 'accepted', act),
  },
};

function closed(
  remarks: RemarksState,
  how: NonNullable<Remark['closed']>['how'],
  { data: { remark, words }, at, by }: LoggedActOf<'remark.seen-to' | 'remark.accepted'>,
): RemarksState {
  return remarks.map((entry) =>
    entry.id === remark && !entry.closed
      ? { ...entry, closed: { how, ...(words && { words }), at, by } }
      : entry,
  );
}

/** Said once: what was seen to is not accepted afterwards. */
function isOpen({ remarks }: Pick<JobState, 'remarks'>, id: string): Verdict {
  const remark = remarks.find((entry) => entry.id === id);
  return remark && !remark.closed ? ACCEPTED : refused('unknown-remark');
}
