import { valuesIn } from '@cardinex/core/quantity/readQuantity';
import { addYears } from 'date-fns/addYears';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import type { ToolActData, ToolState } from '@cardinex/core/tools/tool';
import { shared } from '@cardinex/words/screens';
import { toolsWords as w } from '@cardinex/words/tools';
import { Button } from '../../ui/Button';
import { isDay } from '../../ui/isDay';
import { Field } from '../../ui/Field';

type Check = ToolActData['tool.checked'];

interface Props {
  readonly tool: ToolState;
  readonly onKeep: (check: Check) => Promise<boolean>;
  readonly onClose: () => void;
}

/** A check against a reference: when, until when, and for a wrench what it gave. */
export function CheckForm({ tool, onKeep, onClose }: Props) {
  const today = format(new Date(), 'yyyy-MM-dd');
  const [on, setOn] = useState(today);
  const [dueOn, setDueOn] = useState(format(addYears(new Date(), 1), 'yyyy-MM-dd'));
  const [certificate, setCertificate] = useState('');
  const [pairs, setPairs] = useState('');
  const [tried, setTried] = useState(false);
  const points = readPoints(pairs);
  const dated = isDay(on) && isDay(dueOn);
  const save = (): void => {
    setTried(true);
    if (!dated || points === null) return;
    void onKeep({
      on,
      dueOn,
      points,
      ...(certificate.trim() !== '' && { certificate: certificate.trim() }),
    }).then((stored) => stored && onClose());
  };
  return (
    <View className="mb-3.5 gap-3 rounded-lg border-2 border-blue bg-card p-3.5">
      <Field
        label={w.checkedOn}
        hint={w.dateHint}
        value={on}
        onChangeText={setOn}
        fault={tried && !isDay(on) ? w.dateWrong : undefined}
      />
      <Field
        label={w.dueOn}
        hint={w.dateHint}
        value={dueOn}
        onChangeText={setDueOn}
        fault={tried && !isDay(dueOn) ? w.dateWrong : undefined}
      />
      <Field label={w.certificate} value={certificate} onChangeText={setCertificate} />
      {tool.kind === 'torque-wrench' ? (
        <Field
          label={w.points}
          hint={w.pointsHint}
          value={pairs}
          onChangeText={setPairs}
          multiline
          numberOfLines={3}
          fault={tried && points === null ? w.pointsWrong : undefined}
        />
      ) : null}
      <View className="flex-row gap-3">
        <Button label={shared.cancel} onPress={onClose} className="flex-1" />
        <Button label={w.keepCheck} kind="expected" onPress={save} className="flex-1" />
      </View>
    </View>
  );
}

/** Null where a line is no pair of numbers. */
function readPoints(text: string): Check['points'] | null {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  const points = lines.map((line) => {
    const [setNm = NaN, trueNm = NaN, ...more] = valuesIn(line, 'N·m') ?? [];
    return more.length === 0 && setNm > 0 && trueNm > 0 ? { setNm, trueNm } : null;
  });
  return points.includes(null) ? null : (points as Check['points']);
}
