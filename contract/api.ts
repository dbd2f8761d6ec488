import { z } from 'zod';
import type { Role } from '@cardinex/core/job/roles';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import type { JobEvent } from '@cardinex/core/job/act';
import type { JobSummary } from '@cardinex/core/job/summary';
import type { SheetFault } from './sheets/readSheet';
import { words } from './text';

/** What app and server say to each other besides acts. */
export const signInSchema = z.strictObject({
  shop: words(60),
  /** The member's id; on a device the shop does not know yet, their name or initials. */
  member: words(80),
  /** A PIN for the crew, a passphrase for the lead. */
  secret: z.string().min(4, 'is at least four characters').max(200),
});
export type SignIn = z.infer<typeof signInSchema>;

export interface Instance {
  /** The database's own id: names the cookie and the outbox, so that copies don't mix. */
  readonly instance: string;
  readonly shops: readonly {
    readonly slug: string;
    readonly name: string;
    readonly place: string;
  }[];
}

export interface CrewMember {
  readonly id: string;
  readonly name: string;
  readonly initials: string;
  readonly role: Role;
  readonly secretKind: 'pin' | 'passphrase';
}

export interface Session {
  readonly device: string;
  readonly shop: { readonly slug: string; readonly name: string };
  /** Members who proved themselves on this device, and when. */
  readonly proved: Readonly<Record<string, string>>;
  readonly crew: readonly CrewMember[];
}

export interface SheetRevision {
  readonly hash: string;
  readonly sheet: EngineSheet;
}

/** The board of a shop. */
export interface Board {
  readonly jobs: readonly JobSummary[];
  /** What to ask for the finished jobs before these by; null where there are none. */
  readonly moreFinished: string | null;
  /** Jobs whose logs do not end where they should: nothing of them is shown. */
  readonly damaged: readonly string[];
}

/** A job's log with the sheet it is pinned to. */
export interface JobLog {
  readonly id: string;
  readonly sheet: SheetRevision;
  readonly events: readonly JobEvent[];
}

/** RFC 9457 problem details, with a machine-readable code and the field that is wrong. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly code: string;
  readonly field?: string;
  /** Why the rules of a job do not take an act: its code, and the fields of that code. */
  readonly refusal?: { readonly code: string };
  /** What is wrong with an input of a reckoning: its code, and the fields of that code. */
  readonly fault?: { readonly code: string };
  /** Everything wrong with a sheet that was to be published. */
  readonly faults?: readonly SheetFault[];
  readonly requestId?: string;
}
