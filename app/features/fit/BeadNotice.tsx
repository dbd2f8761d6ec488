import { useGlobalSearchParams } from 'expo-router';
import { View } from 'react-native';
import { trayReasonSentence } from '@cardinex/words/tray';
import { GoTo } from '../../ui/GoTo';
import { Mark } from '../../ui/Mark';
import { ago } from '../board/ago';
import { entryHref } from '../job/entryHref';
import { useJob } from '../job/JobProvider';
import { BeadsDue } from './BeadsDue';
import { isAboutBead } from './isAboutBead';

/** Beads that lie open meanwhile, said on every other card of the job: their time runs there as well. */
export function BeadNotice() {
  const { jobId, tray } = useJob();
  const { card, set } = useGlobalSearchParams<{ card?: string; set?: string }>();
  const others = tray.filter(
    (entry) => isAboutBead(entry.reason) && !(card === 'fit' && entry.set?.id === set),
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
          <Mark
            kind={entry.reason.code === 'bead-too-old' ? 'out' : 'waiting'}
            word={trayReasonSentence(entry.reason, ago)}
          />
        </GoTo>
      ))}
    </View>
  );
}
