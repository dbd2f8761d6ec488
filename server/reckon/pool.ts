import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import type { ReckonName } from '@cardinex/contract/reckon/reckonings';
import { FaultProblem, ProblemError } from '../problems/problem';
import { Shares } from './shares';
import type { Question, Reply } from './worker';

const THREADS = 2;
const MOST_WAITING = 200;

/** From its arrival on, waiting included: whoever asked has given up by then. */
const DEADLINE_MS = 5000;

/** What is nearly done is let end when its asker goes: a thread ended costs more than that. */
const GRACE_MS = 250;

interface Asker {
  /** Where it asks from: each address has its share of the threads and of the queue. */
  readonly address: string;
  /** Aborts when it no longer waits for the answer. */
  readonly gone: AbortSignal;
}

/**
 * Works unsigned reckonings out in threads of their own, so that a heavy one never holds up a
 * mechanic's acts. The queue is bounded, one address never has all of the threads, what takes longer
 * than its deadline is ended, and so is what nobody waits for any more.
 */
export class ReckonPool {
  private readonly threads = new Piscina<Question, Reply>({
    filename: path.join(path.dirname(fileURLToPath(import.meta.url)), 'workerStart.mjs'),
    minThreads: THREADS,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
  });
  private readonly shares = new Shares(THREADS - 1);

  /**
   * Works a question out.
   * @throws ProblemError 422 for what cannot be worked out, 503 when it took too long or too much
   *   waits, 429 when too much waits of one address
   */
  async ask(name: ReckonName, input: unknown, { address, gone }: Asker): Promise<unknown> {
    const ended = new AbortController();
    const end = (): void => ended.abort();
    const late = setTimeout(end, DEADLINE_MS);
    const leave = (): void => void setTimeout(end, GRACE_MS).unref();
    gone.addEventListener('abort', leave);
    try {
      const question: Question = { name, input: input as never };
      const run = () => this.threads.run(question, { signal: ended.signal });
      return answerOf(await this.shares.inTurn(address, ended.signal, run));
    } catch (error) {
      if (ended.signal.aborted) throw new ProblemError(503, 'took-too-long');
      if (error instanceof Error && /queue.*(limit|full)/i.test(error.message))
        throw new ProblemError(503, 'busy', undefined, undefined, 1);
      throw error;
    } finally {
      clearTimeout(late);
      gone.removeEventListener('abort', leave);
    }
  }

  async close(): Promise<void> {
    await this.threads.destroy();
  }
}

function answerOf(reply: Reply): unknown {
  if ('answer' in reply) return reply.answer;
  if ('broke' in reply) throw new Error(reply.broke);
  throw new FaultProblem(reply.fault);
}
