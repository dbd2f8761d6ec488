import fc from 'fast-check';
import type { LoggedAct } from './act';
import { JobLog } from './log';

const act = (seq: number, id = `a${seq}`): LoggedAct => ({ id, seq }) as unknown as LoggedAct;
const upTo = (length: number): JobLog =>
  JobLog.of(Array.from({ length }, (_, place) => act(place + 1)));
const idsOf = (log: JobLog): string[] => log.acts.map(({ id }) => id);

describe('a job’s log', () => {
  it('stays as it was when another act is added to it', () => {
    const three = upTo(3);
    const four = three.with(act(4));
    expect([three.length, three.headSeq, three.last?.id]).toEqual([3, 3, 'a3']);
    expect([four.length, four.headSeq, four.last?.id]).toEqual([4, 4, 'a4']);
    expect([three.byId('a4'), three.placeOf('a4'), three.at(3)]).toEqual([
      undefined,
      -1,
      undefined,
    ]);
    expect(four.byId('a4')?.seq).toBe(4);
  });

  it('begins for each job anew', () => {
    const one = JobLog.EMPTY.with(act(1, 'one'));
    const other = JobLog.EMPTY.with(act(1, 'other'));
    expect([idsOf(one), idsOf(other), JobLog.EMPTY.acts]).toEqual([['one'], ['other'], []]);
  });

  it('goes on in two ways, each with its own acts', () => {
    const three = upTo(3);
    const current = three.with(act(4, 'here')).with(act(5, 'on'));
    const there = three.with(act(4, 'there'));
    expect(idsOf(current)).toEqual(['a1', 'a2', 'a3', 'here', 'on']);
    expect(idsOf(there)).toEqual(['a1', 'a2', 'a3', 'there']);
    expect([current.byId('there'), there.byId('here')]).toEqual([undefined, undefined]);
    expect(idsOf(three)).toEqual(['a1', 'a2', 'a3']);
  });

  it('is what it was at any earlier length, and goes on from there', () => {
    const five = upTo(5);
    const two = five.first(2);
    expect([idsOf(two), two.byId('a3'), two.findLast(({ seq }) => seq > 2)]).toEqual([
      ['a1', 'a2'],
      undefined,
      undefined,
    ]);
    expect(idsOf(two.with(act(3, 'other')))).toEqual(['a1', 'a2', 'other']);
    expect(idsOf(five)).toHaveLength(5);
  });

  it('gives what came after an event, and from a place on', () => {
    const five = upTo(5);
    expect(five.after(3).map(({ seq }) => seq)).toEqual([4, 5]);
    expect([five.after(5), five.after(0).length]).toEqual([[], 5]);
    expect(five.from(4).map(({ seq }) => seq)).toEqual([5]);
    expect(JobLog.EMPTY.after(0)).toEqual([]);
    expect([JobLog.EMPTY.headSeq, JobLog.EMPTY.last]).toEqual([0, undefined]);
  });

  it('is the same as a list, whatever is added to whatever it was', () => {
    const steps = fc.array(fc.tuple(fc.nat(6), fc.nat(3)), { maxLength: 30 });
    fc.assert(
      fc.property(steps, (all) => {
        const made: { readonly log: JobLog; readonly list: readonly LoggedAct[] }[] = [
          { log: JobLog.EMPTY, list: [] },
        ];
        all.forEach(([which, back], step) => {
          const from = made[which % made.length] ?? { log: JobLog.EMPTY, list: [] };
          const length = Math.max(0, from.list.length - back);
          const added = act(length + 1, `s${step}`);
          const log = from.log.first(length).with(added);
          made.push({ log, list: [...from.list.slice(0, length), added] });
        });
        for (const { log, list } of made) {
          expect(log.acts).toEqual(list);
          list.forEach((entry, place) => expect(log.placeOf(entry.id)).toBe(place));
        }
      }),
    );
  });
});
