import type { CardName } from '@cardinex/core/job/facts/cardName';
import type { Printed } from '@cardinex/core/job/facts/shown';
import { View } from 'react-native';
import type { OverheadView } from '@cardinex/core/job/cards/valves/view';
import type { ShimsAsked } from '@cardinex/core/job/cards/valves/shims';
import { REACH_MM } from '@cardinex/core/job/reach';
import { tappetShims } from '@cardinex/core/overhead/tappetShims';
import { shimSentence, shimsSentence } from '@cardinex/words/overhead';
import { valvesScreen as w } from '@cardinex/words/cards/valves';
import { linersWords } from '@cardinex/words/screens';
import { useUnits } from '../../../device/preferences';
import { Marked } from '../../../ui/Marked';
import { Body } from '../../../ui/Words';
import { useJob } from '../../job/JobProvider';
import { useOnce } from '../../job/useOnce';
import { ReadingEntry, useReadingField } from '../../reading/ReadingEntry';
import { SettingFrame } from '../SettingFrame';

interface Props {
  readonly card: CardName;
  readonly view: OverheadView;
  readonly shims: ShimsAsked;
}

/** Every gap is found: the shims of those that are out are measured, and the best ones for all reckoned. */
export function ShimsBetween({ card, view, shims: { unmeasured, input } }: Props) {
  const { record } = useJob();
  const units = useUnits();
  const entry = useReadingField();
  const [next] = unmeasured;
  const found = input ? tappetShims(input) : null;
  const save = async (mm: number, printed: Printed): Promise<boolean> =>
    next !== undefined && (await record('shim.read', { valve: next, mm, printed })) === null;
  const take = useOnce(async () => {
    if (!found || found.shims.length === 0) return;
    const shims = found.shims.map(({ id, shimMm, from }) => ({
      valve: id,
      mm: shimMm,
      ...(from !== null && { from }),
    }));
    await record('shims.chosen', { shims });
  });
  const confirm = next === undefined ? () => void take() : () => entry.handle.current?.keep();
  const none = found !== null && found.shims.length === 0;
  return (
    <SettingFrame
      card={card}
      view={view}
      title={w.shims}
      typing={entry.text !== ''}
      asked={entry.asked}
      confirm={
        next !== undefined
          ? { label: w.keepShim, hint: next, onPress: confirm }
          : {
              label: none ? w.shimsNone : w.shimsTake,
              hint: found ? w.shimsThen(found.shims.length) : '',
              onPress: confirm,
              plain: none,
            }
      }
    >
      <View className="gap-2 p-3.5" testID="shims">
        {next !== undefined ? (
          <>
            <Body>{w.shimsFirst}</Body>
            <ReadingEntry
              label={w.shimOut(next)}
              reachMm={REACH_MM.size}
              beyond={linersWords.beyondGap}
              onRead={save}
              entry={entry}
            />
          </>
        ) : null}
        {found ? (
          <>
            {found.shims.map((choice) => (
              <Body key={choice.id} className="border-t border-rule pt-1.5">
                {shimSentence(choice, units)}
              </Body>
            ))}
            <Marked
              kind={found.unserved.length > 0 ? 'out' : 'within'}
              className="border-t border-rule pt-2"
              strong
            >
              {shimsSentence(found, units)}
            </Marked>
          </>
        ) : null}
      </View>
    </SettingFrame>
  );
}
