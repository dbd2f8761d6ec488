import { View } from 'react-native';
import type { FigureOrigin } from '@cardinex/core/quantity/figure';
import { entryWords as w } from '@cardinex/words/sheets/entry';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { useDraft, useDraftValue } from './DraftContext';
import { Faults } from './Faults';
import { Origin } from './Origin';
import type { Path } from '@cardinex/core/sheet/draftPath';
import { readFigure } from './readFigure';

interface Entered {
  readonly text?: string;
  readonly value?: number;
  readonly unit?: string;
  readonly from?: FigureOrigin;
  readonly source?: string;
}

interface Props {
  readonly path: Path;
  readonly label: string;
  readonly units: readonly string[];
}

/** One figure as printed: typed with its unit, and where it stands in the book. */
export function FigureField({ path, label, units }: Props) {
  const { source, origin } = useDraft();
  const { value, change, faults } = useDraftValue<Entered>(path);
  const inside = useDraftValue([...path, 'value']).faults.concat(
    useDraftValue([...path, 'text']).faults,
  );
  const type = (text: string): void => {
    if (text === '') return change(undefined);
    const { from = origin, source: stands = source } = value ?? {};
    change({ ...readFigure(text, units, value?.unit), from, source: stands });
  };
  const half = value?.text !== undefined && (value.value === undefined || value.unit === undefined);
  return (
    <View className="gap-1">
      <Field
        label={label}
        hint={w.figureHint}
        value={value?.text ?? ''}
        onChangeText={type}
        fault={half ? w.figureNeeds(units) : undefined}
      />
      {value?.text !== undefined && value.unit === undefined && units.length > 1 ? (
        <View className="flex-row flex-wrap gap-2">
          {units.map((unit) => (
            <Button
              key={unit}
              label={unit}
              onPress={() => change({ ...value, text: `${value.text ?? ''} ${unit}`.trim(), unit })}
              className="min-w-[64px] flex-1"
            />
          ))}
        </View>
      ) : null}
      {value === undefined ? null : <Origin path={path} />}
      {half ? null : <Faults faults={[...faults, ...inside]} />}
    </View>
  );
}
