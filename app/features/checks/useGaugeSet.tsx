import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import type { DeviationShown } from '@cardinex/core/job/facts/shown';
import { newestReading } from '@cardinex/core/job/checks/state';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { parseReading } from '@cardinex/core/quantity/parseReading';
import { length } from '@cardinex/words/quantity';
import { readingsWords as w } from '@cardinex/words/readings';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { OpensBelow } from '../../ui/OpensBelow';
import { useJob } from '../job/JobProvider';

type Shown = Omit<DeviationShown, 'divisions'>;

/** What one division of a face is worth, by the units of whoever reads it. */
const DIVISIONS = { mm: [0.01, 0.001], thou: [0.0254, 0.0127, 0.00254] } as const;

/** A size below this is no size that a comparing gauge is set to. */
const LEAST_SIZE = 3;

/**
 * Whether a gauge was set to a size, so that it shows how far off it each is, and to which: as the last of this check was
 * read, until it is said otherwise.
 */
export function useGaugeSet({ check }: CheckView): {
  readonly shown: Shown | undefined;
  readonly form: ReactNode;
} {
  const { state } = useJob();
  const [chosen, setChosen] = useState<Shown | 'size' | null>(null);
  const [open, setOpen] = useState(false);
  const units = useUnits();
  const last = newestReading(state.checks, check.id)?.deviation;
  const found = chosen === 'size' ? undefined : (chosen ?? last);
  const shown = found && { set: found.set, setMm: found.setMm, divisionMm: found.divisionMm };
  if (check.reachMm[0] < LEAST_SIZE) return { shown: undefined, form: null };
  return {
    shown,
    form: (
      <View className="gap-2">
        <OpensBelow
          label={
            shown ? w.isSet(length(shown.setMm, units), length(shown.divisionMm, units)) : w.notSet
          }
          open={open}
          onOpen={setOpen}
        />
        {open ? (
          <GaugeSetForm
            reachMm={check.reachMm[1]}
            onSet={(set) => {
              setChosen(set);
              setOpen(false);
            }}
          />
        ) : null}
      </View>
    ),
  };
}

function GaugeSetForm({
  reachMm,
  onSet,
}: {
  readonly reachMm: number;
  readonly onSet: (set: Shown | 'size') => void;
}) {
  const units = useUnits();
  const divisions = DIVISIONS[units.length];
  const [text, setText] = useState('');
  const [division, setDivision] = useState<number>(divisions[0]);
  const [faulty, setFaulty] = useState(false);
  const size = parseReading(text, units.length, reachMm);
  const use = (): void => {
    if (!size.ok) return setFaulty(true);
    onSet({ set: { text: size.text, unit: size.unit }, setMm: size.mm, divisionMm: division });
  };
  return (
    <View className="gap-3">
      <Field
        label={w.setSize}
        unit={units.length}
        inputMode="decimal"
        value={text}
        onChangeText={(typed) => {
          setText(typed);
          setFaulty(false);
        }}
        onSubmitEditing={use}
        fault={faulty ? w.setFirst : undefined}
        testID="gauge-set"
      />
      <Choice
        label={w.division}
        options={divisions.map((mm) => ({ value: String(mm), label: length(mm, units) }))}
        value={String(division)}
        onChange={(mm) => setDivision(Number(mm))}
      />
      <View className="flex-row gap-3">
        <Button label={w.asIs} onPress={() => onSet('size')} className="flex-1" />
        <Button label={w.useSet} onPress={use} className="flex-1" />
      </View>
    </View>
  );
}
