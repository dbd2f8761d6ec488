import type { BoltStatus } from '@cardinex/core/job/run/views';
import type { RowStanding } from '@cardinex/drawings/checks/rowOfParts';
import { type Check } from '@cardinex/core/job/checks/check';
import { ofInstance } from '@cardinex/core/sheet/ofInstance';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { useJob } from '../job/JobProvider';
import { HeadMap } from '../tighten/HeadMap';

interface Props {
  readonly check: Check;
  readonly current: string | null;
  readonly standing: (item: string) => BoltStatus | RowStanding;
  readonly onPress: (item: string) => void;
}

/** Holes or bolts on their own map, each with how it stands. */
export function HolesMap({ check, current, standing, onPress }: Props) {
  const { sheet } = useJob();
  const whole = setOf(sheet, check.set ?? '');
  if (!whole) return null;
  const set = ofInstance(whole, check.instance ?? '');
  const bolts = check.items.map((id) => ({ id, status: standing(id) }));
  const numbers = (status: BoltStatus | RowStanding): string =>
    bolts
      .filter((bolt) => bolt.status === status)
      .map(({ id }) => set.fasteners.find((f) => f.id === id)?.number ?? id)
      .join(', ');
  return (
    <HeadMap
      set={set}
      bolts={bolts}
      currentId={current}
      nextId={null}
      label={w.holesLabel(numbers('done'), numbers('failed'), numbers('left-out'))}
      onPress={onPress}
    />
  );
}
