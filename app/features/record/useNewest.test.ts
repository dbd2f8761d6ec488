import { act, renderHook } from '@testing-library/react';
import type { LoggedAct } from '@cardinex/core/job/act';
import { useNewest } from './useNewest';

const acts = (count: number): LoggedAct[] =>
  Array.from({ length: count }, (_, place) => ({ seq: place + 1 }) as LoggedAct);
const open = (count: number) => renderHook(() => useNewest(acts(count))).result;

describe('the record of a long job', () => {
  it('is shown whole where it is not long', () => {
    const { current } = open(400);
    expect([current.acts.length, current.earlier]).toEqual([400, 0]);
  });

  it('begins with its newest acts, and goes back as far as is asked for', () => {
    const shown = open(1000);
    expect([shown.current.acts[0]?.seq, shown.current.earlier]).toEqual([601, 400]);
    act(() => shown.current.showEarlier());
    expect([shown.current.acts[0]?.seq, shown.current.earlier]).toEqual([201, 200]);
    act(() => shown.current.showEarlier());
    expect([shown.current.acts.length, shown.current.earlier]).toEqual([1000, 0]);
  });

  it('is all there on paper, and afterwards as it was', () => {
    const shown = open(1000);
    const print = (when: string): void => act(() => void window.dispatchEvent(new Event(when)));
    print('beforeprint');
    expect(shown.current.acts).toHaveLength(1000);
    print('afterprint');
    expect(shown.current.acts).toHaveLength(400);
    act(() => shown.current.showEarlier());
    print('beforeprint');
    print('afterprint');
    expect(shown.current.acts).toHaveLength(800);
  });
});
