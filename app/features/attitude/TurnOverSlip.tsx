import { useState } from 'react';
import { View } from 'react-native';
import { holdsOnTurningOver } from '@cardinex/core/job/attitude';
import { TURN_OVER_LOOKS, type TurnOverLook } from '@cardinex/core/job/facts/attitude';
import type { StandsHow } from '@cardinex/core/sheet/spec/assembly';
import {
  attitudeWords as w,
  turnOverHoldsSentence,
  turnOverLookName,
} from '@cardinex/words/attitude';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Slip } from '../../ui/Slip';
import { SlipButtons } from '../../ui/SlipButtons';
import { Body, Heading } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

interface Props {
  readonly to: StandsHow;
  readonly onClose: () => void;
}

/** The engine is turned over: what would run out, fall or crush is seen to first, each by itself. */
export function TurnOverSlip({ to, onClose }: Props) {
  const { sheet, state, record } = useJob();
  const [seen, setSeen] = useState<readonly TurnOverLook[]>([]);
  const holds = holdsOnTurningOver(sheet, state);
  const turned = useOnce(async () => {
    if ((await record('engine.turned-over', { to, seen })) === null) onClose();
  });
  const see = (look: TurnOverLook): void =>
    setSeen((before) =>
      before.includes(look) ? before.filter((other) => other !== look) : [...before, look],
    );
  return (
    <Slip
      title={w.turn(to)}
      onClose={onClose}
      foot={<SlipButtons confirm={w.isTurned(to)} onConfirm={turned} onClose={onClose} />}
    >
      <View className="flex-row gap-2">
        <Mark kind="out" />
        <Body className="flex-1">{w.caution}</Body>
      </View>
      {holds.length > 0 ? (
        <Body className="font-strong" role="alert">
          {turnOverHoldsSentence(holds)}
        </Body>
      ) : null}
      <View className="gap-3">
        <Heading level={3}>{w.looks}</Heading>
        {TURN_OVER_LOOKS.map((look) => (
          <Button
            key={look}
            label={turnOverLookName(look)}
            selected={seen.includes(look)}
            onPress={() => see(look)}
          />
        ))}
      </View>
    </Slip>
  );
}
