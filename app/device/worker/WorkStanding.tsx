import { View } from 'react-native';
import { faultInWords } from '@cardinex/words/faults';
import { Button } from '../../ui/Button';
import { Marked } from '../../ui/Marked';
import { Body } from '../../ui/Words';
import type { Worked } from './useWorked';

interface Props {
  readonly work: Exclude<Worked<unknown>, { state: 'done' }>;
  readonly words: {
    readonly working: string;
    readonly cancel: string;
    readonly cancelled: string;
    readonly broke: string;
    readonly again: string;
  };
}

/** How far a piece of work is, how to stop it, and why it came to nothing. */
export function WorkStanding({ work, words: w }: Props) {
  switch (work.state) {
    case 'working':
      return (
        <View className="gap-2" testID="working">
          <Body>{w.working}</Body>
          <View
            role="progressbar"
            aria-label={w.working}
            aria-valuenow={Math.round(work.share * 100)}
            aria-valuemin={0}
            aria-valuemax={100}
            className="h-4 overflow-hidden rounded-full border border-soft"
          >
            <View className="h-4 bg-blue" style={{ width: `${work.share * 100}%` }} />
          </View>
          <Button label={w.cancel} onPress={work.cancel} />
        </View>
      );
    case 'cancelled':
    case 'broke':
      return (
        <View className="gap-2">
          <Body>{w[work.state]}</Body>
          <Button label={w.again} onPress={work.again} />
        </View>
      );
    case 'fault':
      return <Marked kind="out">{faultInWords(work.fault)}</Marked>;
  }
}
