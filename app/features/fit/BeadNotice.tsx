import { useGlobalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { isAboutBead } from '@cardinex/core/job/trayGroups';
import { GoTo } from '../../ui/GoTo';
import { entryHref } from '../job/entryHref';
import { useJob } from '../job/JobProvider';
import { BeadMark } from './BeadMark';
import { BeadsDue } from './BeadsDue';

/** Beads that lie open meanwhile, said on every other card of the job: their time runs there as well. */
export function BeadNotice() {
  const { jobId, tray } = useJob();
  const { card, set } = useGlobalSearchParams<{ card?: string; set?: string }>();
  const others = tray.filter(
    (entry) => isAboutBead(entry) && !(card === 'fit' && entry.set?.id === set),
  );
  return (
    <View className={others.length > 0 ? 'gap-2 px-2.5 pb-2' : ''}>
      <BeadsDue />
      {others.map((entry) => (
        <GoTo
          key={entry.number}
          href={entryHref(jobId, entry)}
          className="min-h-[56px] justify-center rounded-lg bg-card px-3.5 py-2"
        >
          <BeadMark entry={entry} />
        </GoTo>
      ))}
    </View>
  );
}
