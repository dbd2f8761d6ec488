import { View } from 'react-native';
import { entryTitle } from '@cardinex/words/cards/names';
import { cn } from '../../ui/cn';
import { GoTo } from '../../ui/GoTo';
import { CutTab } from '../../ui/TabbedCard';
import { useJob } from './JobProvider';
import { besideTray } from './besideTray';
import { entryHref } from './entryHref';

interface Tab {
  readonly href: string;
  readonly current: boolean;
  readonly label: string;
}

/** The card in hand with the tabs of those before and after it standing behind. */
export function TabStrip({ card, set }: { card: string; set?: string | undefined }) {
  const job = useJob();
  const { jobId, tray } = job;
  const tabs: Tab[] = [
    ...tray.map((entry) => ({
      href: entryHref(jobId, entry),
      label: `${entry.number} ${entryTitle(entry, tray)}`,
      current: entry.card === card && (set === undefined || entry.set?.id === set),
    })),
    ...besideTray(job).map(({ card: beside, href, label }) => ({
      href,
      label,
      current: card === beside,
    })),
  ];
  const at = tabs.findIndex((tab) => tab.current);
  const from = Math.max(0, Math.min(at - 1, tabs.length - 3));
  return (
    <View className="no-print h-14 flex-row items-end gap-0.5 px-2.5">
      {tabs.slice(from, from + 3).map((tab) => (
        <GoTo
          key={tab.href}
          href={tab.href}
          replace
          current={tab.current}
          className={cn('h-14', !tab.current && 'shrink')}
        >
          <View className="h-full flex-row">
            <CutTab label={tab.label} muted={!tab.current} />
          </View>
        </GoTo>
      ))}
    </View>
  );
}
