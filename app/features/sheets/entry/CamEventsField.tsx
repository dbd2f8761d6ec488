import { View } from 'react-native';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { fieldLabel } from '@cardinex/words/sheets/fields';
import { Button } from '../../../ui/Button';
import { Heading } from '../../../ui/Words';
import { WindowsChart } from '../WindowsChart';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { NumberField } from './NumberField';
import { Origin } from './Origin';
import type { Path } from '@cardinex/core/sheet/draftPath';

const FOUR = ['ivoBtdcDeg', 'ivcAbdcDeg', 'evoBbdcDeg', 'evcAtdcDeg', 'rampDeg'] as const;
const TWO = ['evoBbdcDeg', 'evcAbdcDeg', 'rampDeg'] as const;

/**
 * Events of no engine in particular: openings and closings that bound what slow engines have, so
 * that a plan made from them keeps well clear of the cams.
 */
const TYPICAL = {
  4: { ivoBtdcDeg: 20, ivcAbdcDeg: 50, evoBbdcDeg: 55, evcAtdcDeg: 20 },
  2: { evoBbdcDeg: 90, evcAbdcDeg: 65 },
} as const;

/** When the valves open and close: from the book, or a typical set that is marked as assumed. */
export function CamEventsField({ path }: { path: Path }) {
  const { document, read, source, origin, set } = useDraft();
  const { value, faults } = useDraftValue<Readonly<Record<string, unknown>>>(path);
  const strokes = document.strokes === 2 ? 2 : 4;
  return (
    <View className="gap-3 border-l-4 border-rule pl-3">
      <Heading level={3}>{fieldLabel('camEvents')}</Heading>
      <Faults faults={faults} />
      {(strokes === 2 ? TWO : FOUR).map((key) => (
        <NumberField
          key={key}
          path={[...path, key]}
          label={fieldLabel(key)}
          onEntered={(event) =>
            set(path, {
              from: origin,
              source: source || undefined,
              ...value,
              strokes,
              [key]: event,
            })
          }
        />
      ))}
      <Button
        label={w.typical}
        hint={w.typicalHint}
        onPress={() =>
          set(path, { strokes, ...TYPICAL[strokes], from: 'assumed', source: w.typicalSource })
        }
      />
      {value ? <Origin path={path} /> : null}
      {read.sheet && read.sound ? <WindowsChart sheet={read.sheet} /> : null}
    </View>
  );
}
