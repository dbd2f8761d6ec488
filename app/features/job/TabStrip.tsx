import { View } from 'react-native';
import { cardTitle } from '@cardinex/words/en/cards/names';
import { trayWords } from '@cardinex/words/en/screens';
import { GoTo } from '../../ui/GoTo';
import { CutTab } from '../../ui/TabbedCard';
import { useJob } from './JobProvider';

interface Tab {
  readonly card: string;
  readonly label: string;
}

/** The card in hand with the tabs of those before and after it standing behind. */
export function TabStrip({ card }: { card: string }) {
  const { jobId, tray } = useJob();
  const tabs: Tab[] = [
    ...tray.map((c) => ({ card: c.card as string, label: `${c.number} ${cardTitle(c.card)}` })),
    { card: 'record', label: trayWords.record },
  ];
  const at = tabs.findIndex((tab) => tab.card === card);
  const from = Math.max(0, Math.min(at - 1, tabs.length - 3));
  return (
    <View className="no-print h-12 flex-row items-end gap-0.5 px-2.5">
      {tabs.slice(from, from + 3).map((tab) => (
        <GoTo
          key={tab.card}
          href={`/jobs/${jobId}/${tab.card}`}
          replace
          current={tab.card === card}
          className={tab.card === card ? 'h-12' : 'h-11 shrink'}
        >
          <View className="h-full flex-row">
            <CutTab label={tab.label} muted={tab.card !== card} />
          </View>
        </GoTo>
      ))}
    </View>
  );
}
