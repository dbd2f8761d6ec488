import { actSchema } from '@cardinex/contract/acts/act';
import { read } from '@cardinex/contract/faults';
import type { Outcome } from '@cardinex/contract/acts/outcome';
import type { Act } from '@cardinex/core/job/act';
import { ProblemError, UnreadProblem } from '../problems/problem';

/** An act that is not even an act; its place in the batch still gets an answer. */
export class Unreadable {
  constructor(
    private readonly id: string | null,
    private readonly problem: ProblemError,
  ) {}

  outcome(): Outcome {
    return refusedOutcome(this.id, this.problem);
  }
}

/** Reads one act of a batch; what is none gets its answer all the same. */
export function readAct(raw: unknown): Act | Unreadable {
  const parsed = read(actSchema, raw);
  if (parsed.success) return parsed.data;
  const id =
    typeof raw === 'object' && raw !== null && 'id' in raw && typeof raw.id === 'string'
      ? raw.id.slice(0, 80)
      : null;
  const unknownType = parsed.error.issues.some(
    (issue) => issue.code === 'invalid_union' && issue.path.join('.') === 'type',
  );
  const problem = unknownType
    ? new ProblemError(422, 'newer-app', undefined, 'type')
    : new UnreadProblem(parsed.error);
  return new Unreadable(id, problem);
}

/** An act refused, with why, as an error answer would carry it. */
export function refusedOutcome(id: string | null, problem: ProblemError): Outcome {
  const { status, code, title, detail, field, refusal } = problem.toBody();
  return {
    status: 'refused',
    id,
    problem: {
      status,
      code,
      title,
      detail,
      ...(field && { field }),
      ...(refusal && { refusal }),
    },
  };
}
