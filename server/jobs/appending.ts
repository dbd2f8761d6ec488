import type { Outcome } from '@cardinex/contract/acts/outcome';
import { pointFaults } from '@cardinex/contract/sheets/readPoints';
import type { Act, JobEvent, Stamp } from '@cardinex/core/job/act';
import { CLOCK_OFF_MS, doubtOfTime } from '@cardinex/core/job/actTime';
import { canonicalJson } from '@cardinex/core/job/chain';
import { decide } from '@cardinex/core/job/decide';
import { evolve } from '@cardinex/core/job/evolve';
import { isStaleProof } from '@cardinex/core/job/proof';
import type { Role } from '@cardinex/core/job/roles';
import { sentAct } from '@cardinex/core/job/sentAct';
import type { Job } from '@cardinex/core/job/job';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { variantOf } from '@cardinex/core/sheet/variants';
import type { Head } from '../database/logs';
import { chained } from '../database/streams';
import { ProblemError, RefusalProblem } from '../problems/problem';
import { sheetRevision } from '../sheets/sheets';
import { Crib, handTimeIn } from './crib';
import { Unreadable, refusedOutcome } from './readAct';

export interface Sender {
  readonly shopId: string;
  readonly device: string;
  /** A member who proved themselves on this device; null for anyone else. */
  readonly member: (id: string) => Proved | null;
}

export interface Proved {
  readonly role: Role;
  /** When they last proved themselves on this device: ISO time. */
  readonly provedAt: string;
  /** A short while ago. */
  readonly fresh: boolean;
}

export interface Batch {
  readonly acts: readonly unknown[];
  readonly sentAt: string;
  readonly receivedAt: Date;
  /** For how long each waited on its device, in their order, by a clock that cannot be set. */
  readonly waitedMs?: readonly (number | null)[] | undefined;
  /** An act sent before them was refused, which their sender did not know yet. */
  readonly behindRefused?: boolean | undefined;
}

/** Acts sent before, by their ids, with the job each is on. */
export type Kept = Map<string, { event: JobEvent; streamId: string }>;

interface Appended {
  readonly sender: Sender;
  readonly jobId: string;
  readonly batch: Batch;
  readonly kept: Kept;
}

/** Takes acts one by one, carrying the log forward in memory until all are stored. */
export class Appending {
  readonly events: JobEvent[] = [];
  /** Whoever sent what comes next did not know yet that an act before it is refused. */
  private behindRefused: boolean;
  readonly crib: Crib;
  private lastHash: string | null;

  /**
   * @param job as it is known
   * @param head where its log ends; null for a job that is not there and is not opened by these acts
   */
  constructor(
    private readonly to: Appended,
    public job: Job,
    readonly head: Head | null,
  ) {
    this.behindRefused = to.batch.behindRefused ?? false;
    this.crib = new Crib(to.sender.shopId);
    this.lastHash = head && head.hash;
  }

  /** @param place which of its batch */
  async take(act: Act | Unreadable, place: number): Promise<Outcome> {
    if (act instanceof Unreadable) {
      this.behindRefused = true;
      return act.outcome();
    }
    try {
      const before = this.to.kept.get(act.id);
      if (before) return this.duplicate(act, before);
      const member = this.requireMember(act);
      const stamp = await this.require(act, member);
      const more = await this.vouched(act, member, place);
      return { status: 'accepted', id: act.id, event: this.add(act, { ...stamp, ...more }) };
    } catch (error) {
      if (error instanceof ProblemError) {
        this.behindRefused = true;
        return refusedOutcome(act.id, error);
      }
      throw error;
    }
  }

  private duplicate(act: Act, before: { event: JobEvent; streamId: string }): Outcome {
    const same =
      before.streamId === this.to.jobId &&
      canonicalJson(sentAct(before.event)) === canonicalJson(act);
    if (!same) throw new ProblemError(409, 'act-id-taken');
    return { status: 'duplicate', id: act.id, event: before.event };
  }

  private requireMember(act: Act): Proved {
    if (act.device !== this.to.sender.device)
      throw new ProblemError(403, 'wrong-device', undefined, 'device');
    const member = this.to.sender.member(act.by);
    if (!member) throw new ProblemError(403, 'not-signed-in-here', undefined, 'by');
    return member;
  }

  /** @returns what the rules say of it besides */
  private async require(act: Act, { role, fresh }: Proved): Promise<Stamp> {
    const { sender, batch } = this.to;
    if (this.lastHash === null) throw new ProblemError(404, 'no-such-job');
    const names = act.type === 'job.opened' || act.type === 'sheet.taken';
    const pinned = names ? act.data.sheet : this.job.state.opened?.sheet;
    if (!pinned) throw new ProblemError(404, 'no-such-job');
    const revision = await sheetRevision(sender.shopId, pinned.id, pinned.revision);
    if (!revision || revision.hash !== pinned.hash) {
      throw new RefusalProblem({ code: 'wrong-sheet' }, 'data.sheet');
    }
    this.requireShape(act, revision.sheet);
    const verdict = decide(this.job, act, {
      now: batch.receivedAt.toISOString(),
      sheet: revision.sheet,
      member: { id: act.by, role, fresh },
      behindRefused: this.behindRefused,
    });
    if (!verdict.ok) throw new RefusalProblem(verdict.refusal);
    return verdict.stamp ?? {};
  }

  /** What a leaflet says must be what a sheet can hold there: every card reads it as such. */
  private requireShape(act: Act, pinned: EngineSheet): void {
    if (act.type !== 'leaflet.entered' && act.type !== 'deviation.entered') return;
    const [fault] = pointFaults(variantOf(pinned, this.job.state.variant), act.data.points);
    if (fault)
      throw new ProblemError(422, 'bad-field', `${fault.at}: ${fault.says}`, `data.${fault.at}`);
  }

  /** What the server cannot vouch for: when it was done, by whom, and with which wrench. */
  private async vouched(act: Act, { provedAt }: Proved, place: number): Promise<Stamp> {
    const { batch } = this.to;
    const { clockOffMs } = this;
    const receivedAt = batch.receivedAt.toISOString();
    const timeDoubt = doubtOfTime({
      at: act.at,
      receivedAt,
      clockOffMs: clockOffMs ?? 0,
      waitedMs: batch.waitedMs?.[place] ?? null,
      openedAt: this.job.state.opened?.at ?? null,
      lastOwnAt: this.job.log.findLast(({ device }) => device === act.device)?.at ?? null,
    });
    const doubt = timeDoubt && { timeDoubt };
    const time = handTimeIn({ at: act.at, receivedAt, clockOffMs, ...doubt });
    const crib = await this.crib.judge(act, time);
    return {
      ...doubt,
      ...(isStaleProof(provedAt, act.at) && { staleProof: true }),
      ...(crib && { crib }),
    };
  }

  /** How far the device's clock is off, where that is worth saying. */
  private get clockOffMs(): number | undefined {
    const { sentAt, receivedAt } = this.to.batch;
    const off = Date.parse(sentAt) - receivedAt.getTime();
    return Math.abs(off) > CLOCK_OFF_MS ? off : undefined;
  }

  private add(act: Act, stamp: Stamp): JobEvent {
    const { clockOffMs } = this;
    const joining = {
      seq: this.job.log.headSeq + 1,
      receivedAt: this.to.batch.receivedAt.toISOString(),
      ...(clockOffMs !== undefined && { clockOffMs }),
      ...stamp,
    };
    const event: JobEvent = chained({ ...act, ...joining }, this.lastHash ?? '');
    this.events.push(event);
    this.lastHash = event.hash;
    this.job = evolve(this.job, event);
    this.to.kept.set(act.id, { event, streamId: this.to.jobId });
    return event;
  }
}
