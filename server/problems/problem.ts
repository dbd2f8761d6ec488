import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { z } from 'zod';
import { faultsOfZod, read, type DocumentFault } from '@cardinex/contract/faults';
import type { Problem } from '@cardinex/contract/problem';
import type { FaultAt } from '@cardinex/core/quantity/reckoningFault';
import type { Refusal } from '@cardinex/core/job/refusal';
import { troubleOf } from '../database/trouble';
import { faultSentence } from '@cardinex/words/faults';
import { problemWords, type ProblemCode } from '@cardinex/words/problems';
import { refusalSentence } from '@cardinex/words/refusals';

/** Whoever sends worse is helped by the first of them. */
const MOST_FAULTS = 50;

/** A database that was restarted is back within this time. */
const RETRY_S = 5;

/** An answer that is not the one asked for: RFC 9457 problem details. */
export class ProblemError extends Error {
  constructor(
    readonly status: number,
    readonly code: ProblemCode | (string & {}),
    readonly detail: string = wordsFor(code).detail,
    readonly field?: string,
    /** After how many seconds it may be worth trying again. */
    readonly retryAfterS?: number,
  ) {
    super(`${code}: ${detail}`);
    this.name = 'ProblemError';
  }

  toBody(requestId?: string): Problem {
    return {
      type: `/problems/${isProblemCode(this.code) ? this.code : 'refused'}`,
      title: wordsFor(this.code).title,
      status: this.status,
      detail: this.detail,
      code: this.code,
      ...(this.field !== undefined && { field: this.field }),
      ...(requestId !== undefined && { requestId }),
    };
  }
}

/** An act that the rules of its job do not take: said in words, and as its code with its fields. */
export class RefusalProblem extends ProblemError {
  constructor(
    readonly refusal: Refusal,
    field?: string,
  ) {
    super(422, refusal.code, refusalSentence(refusal), field);
  }

  override toBody(requestId?: string): Problem {
    return { ...super.toBody(requestId), refusal: this.refusal };
  }
}

/** An input a reckoning cannot work with: said in words, and as its code with its fields. */
export class FaultProblem extends ProblemError {
  constructor(private readonly at: FaultAt) {
    super(422, 'reckoning-fault', faultSentence(at), at.field);
  }

  override toBody(requestId?: string): Problem {
    return { ...super.toBody(requestId), fault: this.at.fault };
  }
}

function isProblemCode(code: string): code is ProblemCode {
  return Object.hasOwn(problemWords, code);
}

function wordsFor(code: string): { title: string; detail: string } {
  return isProblemCode(code) ? problemWords[code] : problemWords.refused;
}

/** What is wrong with what was sent: the first of it in a sentence, all of it in a list. */
export class UnreadProblem extends ProblemError {
  private readonly faults: readonly DocumentFault[];

  constructor(error: z.ZodError) {
    const faults = faultsOfZod(error).slice(0, MOST_FAULTS);
    const { at, says } = faults[0] ?? { at: '', says: 'does not fit' };
    super(422, 'bad-field', `${at || 'The body'}: ${says}.`, at);
    this.faults = faults.map((fault) => ({ ...fault, bars: true }));
  }

  override toBody(requestId?: string): Problem {
    return { ...super.toBody(requestId), faults: [...this.faults] };
  }
}

/** Reads with a schema of the contract, or answers 422 with the fields that are wrong. */
export function parse<Schema extends z.ZodType>(schema: Schema, value: unknown): z.output<Schema> {
  const parsed = read(schema, value);
  if (parsed.success) return parsed.data;
  throw new UnreadProblem(parsed.error);
}

export const notFound: RequestHandler = () => {
  throw new ProblemError(404, 'not-found');
};

/** Turns whatever was thrown into problem details; the unexpected is logged and told as our fault. */
export const answerProblem: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const problem = error instanceof ProblemError ? error : problemOfOthers(error);
  if (problem.code === 'went-wrong') request.log.error({ err: error }, 'request failed');
  else if (problem.status >= 500)
    request.log.warn({ code: problem.code, cause: messageOf(error) }, 'request refused');
  if (problem.retryAfterS !== undefined)
    response.setHeader('retry-after', String(problem.retryAfterS));
  response
    .status(problem.status)
    .type('application/problem+json')
    .send(JSON.stringify(problem.toBody(String(request.id))));
};

function messageOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}

/**
 * A database in trouble is neither the asker's fault nor ours; Express's own body parser throws errors
 * with a status; anything else is a fault of ours.
 */
function problemOfOthers(error: unknown): ProblemError {
  const trouble = troubleOf(error);
  if (trouble) return new ProblemError(503, `database-${trouble}`, undefined, undefined, RETRY_S);
  const status =
    typeof error === 'object' && error !== null && 'status' in error ? Number(error.status) : 500;
  if (status === 413) return new ProblemError(413, 'too-large');
  if (status >= 400 && status < 500) return new ProblemError(status, 'not-json');
  return new ProblemError(500, 'went-wrong');
}
