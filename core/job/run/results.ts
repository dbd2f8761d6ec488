import { definedFields } from '../../definedFields';
import type { RunView } from './views';
import type { BoltFault } from '../facts/run';
import type { Attempt } from '../facts/runs';
import { farFromFellows } from '../../quantity/farFromFellows';
import { nutsOf } from './nuts';

/** What one fastener got in all. */
export interface BoltResult {
  readonly fastener: string;
  readonly number: string;
  /** The last torque or angle that was read on it, where any was. */
  readonly reachedNm?: number;
  readonly reachedDeg?: number;
  readonly holes?: number;
  /** Everything that did not come out as asked, first to last. */
  readonly faults: readonly BoltFault[];
  /** Why it stands out; empty for one like its fellows. */
  readonly odd: readonly ('faulted' | 'far' | 'travel' | 'redone')[];
}

export interface RunResults {
  readonly bolts: readonly BoltResult[];
  readonly from: string | null;
  readonly to: string | null;
  /** Members who pulled, and what they pulled with, by id. */
  readonly people: readonly string[];
  readonly wrenches: readonly string[];
}

/** A reached value within so much of its fellows is like them. */
const FLOOR = { nm: 2, deg: 3 } as const;

/** What each fastener of a run got, which of them are odd, when, by whom and with what. */
export function runResults(view: RunView): RunResults {
  const attempts = view.stages.flatMap(({ bolts }) => bolts.flatMap((bolt) => bolt.attempts));
  const times = attempts.map(({ at }) => at).sort((a, b) => Date.parse(a) - Date.parse(b));
  const oddTravel = new Set(
    view.stages.flatMap((stage) =>
      (nutsOf(view, stage)?.nuts ?? [])
        .filter(({ verdict }) => verdict === 'odd')
        .map(({ id }) => id),
    ),
  );
  const rows = view.set.fasteners.map(({ id, number, group }) => {
    const own = view.stages.flatMap(({ bolts }) =>
      bolts.filter(({ act }) => act.fastener === id).flatMap((bolt) => bolt.attempts),
    );
    return { id, number, group, own, ...lastRead(own) };
  });
  return {
    bolts: rows.map(({ id, number, group, own, reachedNm, reachedDeg, holes }): BoltResult => {
      const faults = own.flatMap(({ fault }) => (fault ? [fault.kind] : []));
      const fellows = rows.filter((row) => row.id !== id && row.group === group);
      const outlier =
        isFar(
          reachedNm,
          fellows.map((row) => row.reachedNm),
          FLOOR.nm,
        ) ||
        isFar(
          reachedDeg,
          fellows.map((row) => row.reachedDeg),
          FLOOR.deg,
        );
      return {
        fastener: id,
        number,
        ...(reachedNm !== undefined && { reachedNm }),
        ...(reachedDeg !== undefined && { reachedDeg }),
        ...(holes !== undefined && { holes }),
        faults,
        odd: [
          ...(faults.length > 0 ? (['faulted'] as const) : []),
          ...(outlier ? (['far'] as const) : []),
          ...(oddTravel.has(id) ? (['travel'] as const) : []),
          ...(view.run.takenOut[id] ? (['redone'] as const) : []),
        ],
      };
    }),
    from: times[0] ?? null,
    to: times.at(-1) ?? null,
    people: [...new Set(attempts.map(({ by }) => by))],
    wrenches: [...new Set(attempts.flatMap(({ wrench }) => wrench ?? []))],
  };
}

type Read = Pick<Attempt, 'reachedNm' | 'reachedDeg' | 'holes'>;

function lastRead(own: readonly Attempt[]): Read {
  const last = (key: keyof Read): number | undefined =>
    own.findLast((attempt) => attempt[key] !== undefined)?.[key];
  return definedFields({
    reachedNm: last('reachedNm'),
    reachedDeg: last('reachedDeg'),
    holes: last('holes'),
  });
}

function isFar(
  value: number | undefined,
  fellows: readonly (number | undefined)[],
  floor: number,
): boolean {
  const known = fellows.filter((entry): entry is number => entry !== undefined);
  return value !== undefined && farFromFellows(value, known, floor);
}
