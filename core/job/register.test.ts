import type { ThingBars } from './facts/register';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { thingsBarring, thingsIn } from './register';
import { openedFor, refusalIn } from './tests/intake';
import { stateOf } from './tests/told';

const job = () => openedFor(tolvane44, { kind: 'top-end' });
const put = (story: ReturnType<typeof job>, thing: string, bars: ThingBars | null) =>
  story.act('thing.put-in', { thing, kind: 'other', what: thing, where: 'port 1', bars });
const names = (things: readonly { what: string }[]) => things.map(({ what }) => what);

describe('the in-and-out register', () => {
  it('holds what is in until it is out, in the order it went in', () => {
    const story = put(put(put(job(), 'rag', 'covering'), 'pin', 'turning'), 'stud', null);
    expect(names(thingsIn(stateOf(story).register))).toEqual(['rag', 'pin', 'stud']);
    story.act('thing.taken-out', { thing: 'pin' });
    expect(names(thingsIn(stateOf(story).register))).toEqual(['rag', 'stud']);
    expect(stateOf(story).register.find(({ id }) => id === 'pin')?.takenOut?.by).toBeDefined();
  });

  it('bars what each thing would harm; whatever bars anything bars the start', () => {
    const story = put(put(put(job(), 'rag', 'covering'), 'pin', 'turning'), 'stud', null);
    const { register } = stateOf(story);
    expect(names(thingsBarring(register, 'turning'))).toEqual(['pin']);
    expect(names(thingsBarring(register, 'covering'))).toEqual(['rag']);
    expect(names(thingsBarring(register, 'starting'))).toEqual(['rag', 'pin']);
  });

  it('has a thing in again when its taking out was a mis-tap', () => {
    const story = put(job(), 'rag', 'covering').act('thing.taken-out', { thing: 'rag' });
    expect(thingsIn(stateOf(story).register)).toEqual([]);
    story.strikeLast();
    expect(names(thingsIn(stateOf(story).register))).toEqual(['rag']);
    expect(refusalIn(story, tolvane44, 'thing.taken-out', { thing: 'rag' })).toBeNull();
  });
});
