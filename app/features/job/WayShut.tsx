import type { Wait } from '@cardinex/core/job/trayReason';
import { isOnceWhole } from '@cardinex/core/job/cards/fit/actDone';
import { wayOpening } from '@cardinex/core/job/cards/fit/way';
import { View } from 'react-native';
import { wayWords as w } from '@cardinex/words/outOfOrder';
import { trayReasonSentence } from '@cardinex/words/tray';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { ago } from '../board/ago';
import { useJob } from './JobProvider';
import { useOnce } from './useOnce';

type Shut = Extract<Wait, { code: 'way-shut' }>;

/** What is on in the way of a card, and what is to be minded before it comes off again. */
export function WayShut({ wait }: { wait: Shut }) {
  return (
    <>
      <Mark kind="now" word={w.inTheWay} />
      <Body>{trayReasonSentence(wait, ago)}</Body>
      {isOnceWhole(wait.act) ? (
        <View className="flex-row gap-2">
          <Mark kind="out" />
          <Body className="flex-1 font-strong">{w.hasRun}</Body>
        </View>
      ) : null}
      <Small>{w.how}</Small>
    </>
  );
}

/** It is off again: its rows go on anew, with their joints, once that card is done. */
export function OpenWay({ wait }: { wait: Shut }) {
  const { sheet, record } = useJob();
  const open = useOnce(() => record('way.opened', wayOpening(sheet, wait.act, wait.rows)));
  return <Button label={w.opened} kind="expected" tall testID="confirm" onPress={open} />;
}
