import type { CheckView } from '@cardinex/core/job/checks/view';
import { openAfter } from './openAfter';

const view = (id: string, done: boolean) => ({ check: { id }, done }) as CheckView;

describe('the check to go on with', () => {
  const [holes, lengths, bores] = [
    view('holes', false),
    view('lengths', true),
    view('bores', false),
  ];

  it('is the first that is not done', () => {
    expect(openAfter([lengths, bores, holes])?.id).toBe('bores');
  });

  it('is the next after one, then what was left behind', () => {
    expect(openAfter([holes, lengths, bores], holes.check)?.id).toBe('bores');
    expect(openAfter([holes, lengths, bores], bores.check)?.id).toBe('holes');
  });

  it('is none where all others are done', () => {
    expect(openAfter([holes, lengths], holes.check)).toBeNull();
  });
});
