import type { Act } from '@cardinex/core/job/act';
import type { Outcome } from '@cardinex/contract/acts/outcome';

/** An act this device has not yet seen in the server's log. */
export interface KeptAct {
  /** Its place in the order of sending. */
  readonly place: number;
  readonly jobId: string;
  readonly act: Act;
  /** Why the server would not take it; kept all the same, to be shown and exported. */
  readonly problem?: Extract<Outcome, { status: 'refused' }>['problem'];
}

/** A photograph taken on this device. */
export interface KeptPhotograph {
  readonly id: string;
  readonly jobId: string;
  /** Until the server has it. */
  readonly picture?: Blob;
  readonly small: Blob;
  /** Why the server would not take it. */
  readonly problem?: string;
}
