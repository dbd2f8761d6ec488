import { clearTimeout, setTimeout } from 'node:timers';
import { Worker } from 'node:worker_threads';
import type { ReckonName } from '@cardinex/contract/reckon/schemas';
import { faultSentence } from '@cardinex/words/en/faults';
import { ProblemError } from '../problems/problem';
import type { Question, Reply } from './worker';

const THREADS = 2;
const MOST_WAITING = 200;
const DEADLINE_MS = 5000;

interface Waiting {
  readonly question: Question;
  readonly done: (answer: unknown) => void;
  readonly fail: (error: Error) => void;
}

/**
 * Works unsigned reckonings out in threads of their own, so that a heavy one never holds up a
 * mechanic's acts. The queue is bounded and each question has a deadline; a thread that overruns
 * is ended and replaced.
 */
export class ReckonPool {
  private readonly idle: Thread[] = [];
  private readonly threads = new Set<Thread>();
  private readonly queue: Waiting[] = [];
  private counter = 0;
  private closed = false;

  constructor() {
    for (let i = 0; i < THREADS; i += 1) this.addThread();
  }

  ask(name: ReckonName, input: unknown): Promise<unknown> {
    if (this.queue.length >= MOST_WAITING) return Promise.reject(new ProblemError(503, 'busy'));
    this.counter += 1;
    const question: Question = { number: this.counter, name, input: input as never };
    return new Promise((done, fail) => {
      this.queue.push({ question, done, fail });
      this.next();
    });
  }

  async close(): Promise<void> {
    this.closed = true;
    await Promise.all([...this.threads].map((thread) => thread.end()));
  }

  private addThread(): void {
    const thread = new Thread(
      () => {
        this.idle.push(thread);
        this.next();
      },
      () => {
        this.threads.delete(thread);
        if (!this.closed) this.addThread();
      },
    );
    this.threads.add(thread);
    this.idle.push(thread);
    this.next();
  }

  private next(): void {
    const thread = this.idle.pop();
    if (!thread) return;
    const waiting = this.queue.shift();
    if (waiting) thread.work(waiting);
    else this.idle.push(thread);
  }
}

/** One worker, answering one question at a time. */
class Thread {
  private readonly worker = new Worker(new URL('./workerStart.mjs', import.meta.url));
  private current: Waiting | null = null;
  private timer: NodeJS.Timeout | null = null;

  constructor(
    private readonly onIdle: () => void,
    onEnd: () => void,
  ) {
    this.worker.unref();
    this.worker.on('message', (reply: Reply) => this.hear(reply));
    this.worker.on('error', (error) => this.settle((w) => w.fail(error)));
    this.worker.on('exit', () => {
      this.settle((w) => w.fail(new ProblemError(503, 'took-too-long')));
      onEnd();
    });
  }

  work(waiting: Waiting): void {
    this.current = waiting;
    this.timer = setTimeout(() => void this.worker.terminate(), DEADLINE_MS);
    this.worker.postMessage(waiting.question);
  }

  async end(): Promise<void> {
    await this.worker.terminate();
  }

  private hear(reply: Reply): void {
    this.settle((waiting) => {
      if ('answer' in reply) waiting.done(reply.answer);
      else if ('fault' in reply) {
        waiting.fail(
          new ProblemError(422, 'reckoning-fault', faultSentence(reply.fault), reply.fault.field),
        );
      } else waiting.fail(new Error(reply.broke));
    });
    this.onIdle();
  }

  private settle(tell: (waiting: Waiting) => void): void {
    if (this.timer) clearTimeout(this.timer);
    const { current } = this;
    this.current = null;
    if (current) tell(current);
  }
}
