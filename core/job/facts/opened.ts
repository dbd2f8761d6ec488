import type { EngineEnd } from '../../sheet/spec/layout';
import type { Because } from './cause';
import type { Scope } from './scope';

/** The published revision a job works by; the hash is of its canonical JSON. */
export interface PinnedSheet {
  readonly id: string;
  readonly revision: number;
  readonly hash: string;
}

export interface OpenedActs {
  'job.opened': {
    readonly sheet: PinnedSheet;
    readonly serial: string;
    /** Running hours on its clock, where it has one. */
    readonly hours?: number;
    readonly name: string;
    /** In words, where the cause chosen does not say it all. */
    readonly why?: string;
    readonly cylinder1End: EngineEnd;
    /** Which of the sheet's variants this engine is, by question. */
    readonly variant?: Readonly<Record<string, string>>;
    readonly scope: Scope;
    /** By which path it failed, or what was seen. */
    readonly because?: Because;
  };
  /** The job goes on by a newer revision of its sheet. */
  'sheet.taken': { readonly sheet: PinnedSheet; readonly words: string };
}

export type OpenedState =
  (OpenedActs['job.opened'] & { readonly at: string; readonly by: string }) | null;
