import type { TrayCard } from '@cardinex/core/job/standing';
import { View } from 'react-native';
import { proposalsFor } from '@cardinex/core/job/proposeValue';
import { proposeWords as w } from '@cardinex/words/cards/propose';
import { torque } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Where the sheet prints no value: one from size, grade and treatment may be taken, marked as assumed. */
export function ProposeValue({ entry }: { entry: TrayCard }) {
  const { sheet, record } = useJob();
  const units = useUnits();
  const lacks = entry.reason.code === 'sheet-lacks' && entry.reason.lacks.includes('stage-value');
  const set = sheet.fastenedSets?.find(({ id }) => id === entry.set?.id);
  const proposals = lacks && set ? proposalsFor(set) : [];
  const take = useOnce(() =>
    record('deviation.entered', {
      deviation: `assumed-${entry.set?.id ?? ''}`,
      title: w.deviation,
      points: proposals.map(({ at, figure }) => ({ at, to: { figure: { ...figure } } })),
    }),
  );
  if (!lacks) return null;
  if (proposals.length === 0) return <Body className="px-4 pb-4">{w.cannot}</Body>;
  return (
    <View className="gap-2 border-t border-rule p-4" testID="propose">
      <Heading level={3}>{w.title}</Heading>
      {proposals.map(({ at, stage, group, found }) => (
        <Body key={at}>
          {w.stage(stage, group, torque(found.nm, units), Math.round(found.shareOfYield * 100))}
        </Body>
      ))}
      <Small>{w.assumed}</Small>
      <Button label={w.take} onPress={take} />
    </View>
  );
}
