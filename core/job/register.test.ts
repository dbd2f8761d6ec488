import type { TemporaryBars } from '../sheet/spec/assembly';
import { tolvane44 } from '@cardinex/demo/sheets/tolvane44';
import { temporaryPartsBarring, temporaryPartsIn } from './register';
import { openedFor, refusalIn } from './tests/intake';
import { stateOf } from './tests/story';

const job = () => openedFor(tolvane44, { kind: 'top-end' });
const put = (story: ReturnType<typeof job>, part: string, bars: TemporaryBars | null) =>
  story.act('temporary-part.put-in', {
    part,
    kind: 'other',
    what: part,
    where: 'port 1',
    bars,
  });
const names = (parts: readonly { what: string }[]) => parts.map(({ what }) => what);

describe('the in-and-out register', () => {
  it('holds what is in until it is out, in the order it went in', () => {
    const story = put(put(put(job(), 'rag', 'cover'), 'pin', 'turn'), 'stud', null);
    expect(names(temporaryPartsIn(stateOf(story).register))).toEqual(['rag', 'pin', 'stud']);
    story.act('temporary-part.taken-out', { part: 'pin' });
    expect(names(temporaryPartsIn(stateOf(story).register))).toEqual(['rag', 'stud']);
    expect(stateOf(story).register.find(({ id }) => id === 'pin')?.takenOut?.by).toBeDefined();
  });

  it('bars what each thing would harm; whatever bars anything bars the start', () => {
    const story = put(put(put(job(), 'rag', 'cover'), 'pin', 'turn'), 'stud', null);
    const { register } = stateOf(story);
    expect(names(temporaryPartsBarring(register, 'turn'))).toEqual(['pin']);
    expect(names(temporaryPartsBarring(register, 'cover'))).toEqual(['rag']);
    expect(names(temporaryPartsBarring(register, 'start'))).toEqual(['rag', 'pin']);
  });

  it('has a thing in again when its taking out was a mis-tap', () => {
    const story = put(job(), 'rag', 'cover').act('temporary-part.taken-out', { part: 'rag' });
    expect(temporaryPartsIn(stateOf(story).register)).toEqual([]);
    story.strikeLast();
    expect(names(temporaryPartsIn(stateOf(story).register))).toEqual(['rag']);
    expect(refusalIn(story, tolvane44, 'temporary-part.taken-out', { part: 'rag' })).toBeNull();
  });
});
