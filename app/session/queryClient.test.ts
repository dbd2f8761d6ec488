import { AnsweredProblem, NoAnswer } from '@cardinex/contract/client';
import { asksAgain, asksLater } from './queryClient';

/** An answer of the server with this status. */
const answered = (status: number): AnsweredProblem =>
  new AnsweredProblem({ type: 'about:blank', status, title: '', detail: '' } as never);

it('asks a busy server again, a few times; what was refused, or got no answer, is not asked for at once', () => {
  expect([500, 503].map((status) => asksAgain(0, answered(status)))).toEqual([true, true]);
  expect([401, 404, 422].map((status) => asksAgain(0, answered(status)))).toEqual([
    false,
    false,
    false,
  ]);
  expect(asksAgain(0, new NoAnswer())).toBe(false);
  expect([4, 5].map((failures) => asksAgain(failures, answered(503)))).toEqual([true, false]);
});

it('asks later for what got no answer, or none yet; not for what was answered once for all', () => {
  expect([new NoAnswer(), answered(503)].map(asksLater)).toEqual([10_000, 10_000]);
  expect([null, answered(404), answered(422)].map(asksLater)).toEqual([false, false, false]);
});
