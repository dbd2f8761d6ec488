import type { GaugeShown } from '@cardinex/core/job/facts/shown';
import { useState } from 'react';
import { View } from 'react-native';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { Button } from '../../ui/Button';
import { OpensBelow } from '../../ui/OpensBelow';

interface Props {
  readonly gauge: GaugeShown | null;
  readonly gauges: readonly GaugeShown[];
  readonly choose: (id: string | null) => void;
}

/** What the readings are taken with; it stays chosen from reading to reading. */
export function GaugeInHand({ gauge, gauges, choose }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-2">
      <OpensBelow label={`${w.gauge}: ${gauge?.name ?? w.noGauge}`} open={open} onOpen={setOpen} />
      {open ? (
        <View className="flex-row flex-wrap gap-3">
          {[...gauges, null].map((entry) => (
            <Button
              key={entry?.id ?? ''}
              label={entry?.name ?? w.noGauge}
              selected={entry?.id === gauge?.id}
              onPress={() => {
                choose(entry?.id ?? null);
                setOpen(false);
              }}
            />
          ))}
        </View>
      ) : null}
    </View>
  );
}
