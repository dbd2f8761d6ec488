import { View } from 'react-native';
import type { Check } from '@cardinex/core/job/checks/check';
import { setOf } from '@cardinex/core/sheet/programmeOf';
import { buildWords as b } from '@cardinex/words/cards/buildSteps';
import { itemName } from '@cardinex/words/checkNames';
import { GroupMap } from '../covering/GroupMap';
import type { PartStanding } from '@cardinex/drawings/crank/standing';
import { CrankDrawing } from '../crank/CrankDrawing';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { JobClock } from '../pistons/JobClock';
import { PistonDrawing } from '../pistons/PistonDrawing';
import type { Slot } from './ReadingGrid';

interface Props {
  readonly check: Check;
  readonly at: Slot | null;
  readonly foundOf: (item: string) => 'good' | 'not-good' | undefined;
}

/** What is being put together, drawn: the crank with its caps, the crown with its gaps, the piston's way. */
export function LookDrawing({ check, at, foundOf }: Props) {
  const { sheet } = useJob();
  const standing = (nth: number): PartStanding => {
    if (at?.item === String(nth)) return 'now';
    const found = foundOf(String(nth));
    return found === 'good' ? 'done' : found === 'not-good' ? 'failed' : 'open';
  };
  if (check.kind === 'shells') {
    const journal = sheet.journals?.find(({ id }) => id === check.journal);
    if (!journal) return null;
    // The mains are where the crank has its end float; big ends lie between them.
    const ofMains = journal.endFloat !== undefined;
    return (
      <View className="px-3 pt-2">
        <EndMark end={sheet.cylinder1End} />
        <CrankDrawing
          mains={ofMains ? journal.count : journal.count + 1}
          {...(ofMains ? { capStanding: standing } : { throwStanding: standing })}
          said={b.crankNow(at ? itemName(sheet, check, at.item) : null)}
        />
      </View>
    );
  }
  if (check.kind === 'head-on') {
    const set = setOf(sheet, check.set ?? '');
    return set && at?.place === 'own-holes' ? (
      <GroupMap set={set} end={sheet.cylinder1End} />
    ) : null;
  }
  if (check.kind === 'rings-on') {
    return (
      <View className="px-3 pt-2">
        <JobClock sheet={sheet} />
      </View>
    );
  }
  if (check.kind === 'on-rod' && sheet.pistons?.orientation) {
    return (
      <View className="px-3 pt-2">
        <PistonDrawing sheet={sheet} />
      </View>
    );
  }
  return null;
}
