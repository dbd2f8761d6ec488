import type { LoggedAct } from './act';

/** What several logs have in common: those of one job at different moments. */
interface Shared {
  readonly acts: LoggedAct[];
  /** By id, as far as anybody asked. */
  readonly places: Map<string, number>;
}

/**
 * A job's log as it stood at one moment. One with another act is another log, and shares with this one
 * what they have in common: to add an act costs the same however long the log is.
 */
export class JobLog {
  static readonly EMPTY = JobLog.of([]);

  private all: readonly LoggedAct[] | null = null;

  private constructor(
    private readonly shared: Shared,
    readonly length: number,
  ) {}

  static of(acts: readonly LoggedAct[]): JobLog {
    return new JobLog({ acts: [...acts], places: new Map() }, acts.length);
  }

  /** The acts, in order. */
  get acts(): readonly LoggedAct[] {
    return (this.all ??= this.shared.acts.slice(0, this.length));
  }

  get last(): LoggedAct | undefined {
    return this.at(this.length - 1);
  }

  /** The act at a place, counted from 0. */
  at(place: number): LoggedAct | undefined {
    return place < this.length ? this.shared.acts[place] : undefined;
  }

  /** The last event; 0 for an empty log. */
  get headSeq(): number {
    return this.last?.seq ?? 0;
  }

  with(act: LoggedAct): JobLog {
    const { acts } = this.shared;
    // Someone has added another act to this one: from here on they have nothing in common. So have all that begin.
    if (this.length === 0 || acts.length > this.length) return JobLog.of([...this.acts, act]);
    acts.push(act);
    return new JobLog(this.shared, this.length + 1);
  }

  /** The log as it was when it had so many acts. */
  first(length: number): JobLog {
    return new JobLog(this.shared, Math.min(length, this.length));
  }

  byId(id: string): LoggedAct | undefined {
    const place = this.placeOf(id);
    return place < 0 ? undefined : this.shared.acts[place];
  }

  /** How many acts come before this one; -1 for one that is not in the log. */
  placeOf(id: string): number {
    const { acts, places } = this.shared;
    for (let place = places.size; place < acts.length; place += 1) {
      const act = acts[place];
      if (act) places.set(act.id, place);
    }
    const place = places.get(id) ?? -1;
    return place < this.length ? place : -1;
  }

  /** The acts from a place on. */
  from(place: number): readonly LoggedAct[] {
    return this.shared.acts.slice(place, this.length);
  }

  /** The acts whose `seq` is greater. */
  after(seq: number): readonly LoggedAct[] {
    let place = this.length;
    while (place > 0 && (this.shared.acts[place - 1]?.seq ?? 0) > seq) place -= 1;
    return this.from(place);
  }

  /** The last act of which something is true. */
  findLast(isIt: (act: LoggedAct) => boolean): LoggedAct | undefined {
    for (let place = this.length - 1; place >= 0; place -= 1) {
      const act = this.shared.acts[place];
      if (act && isIt(act)) return act;
    }
    return undefined;
  }
}
