import { useState } from 'react';
import { View } from 'react-native';
import { orderList } from '@cardinex/core/job/cards/parts/orderList';
import { writeTable } from '@cardinex/contract/readings/tableCsv';
import { longDay } from '@cardinex/words/kit';
import { ORDER_HEAD, orderRows, partsWords as w } from '@cardinex/words/cards/parts';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { isDay } from '../../ui/isDay';
import { saveFile } from '../../ui/saveFile';
import { Slip } from '../../ui/Slip';
import { SlipButtons } from '../../ui/SlipButtons';
import { Body, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** What is still to be ordered: read, saved, printed, and a day for all of it. */
export function OrderList({ onClose }: { readonly onClose: () => void }) {
  const { jobId, sheet, state, record } = useJob();
  const [day, setDay] = useState('');
  const [isNoDay, setNoDay] = useState(false);
  const lines = orderList(sheet, state);
  const rows = orderRows(lines, sheet);
  const name = state.opened?.name ?? '';
  const save = (): void =>
    saveFile(
      `${name.replaceAll(/[^\w-]+/g, '-')}-order.csv`,
      new Blob([writeTable(ORDER_HEAD, rows)], { type: 'text/csv' }),
    );
  const print = (): void => {
    window.open(`/api/jobs/${jobId}/order.pdf`, '_blank', 'noopener');
  };
  const keep = useOnce(async () => {
    const on = day.trim();
    if (on === '') return onClose();
    if (!isDay(on)) return setNoDay(true);
    const parts = lines.map(({ item }) => item.id);
    if ((await record('parts.expected', { parts, on })) === null) onClose();
  });
  return (
    <Slip
      title={w.orderTitle(name)}
      onClose={onClose}
      foot={<SlipButtons confirm={w.keepDay} onConfirm={keep} onClose={onClose} />}
    >
      {rows.length === 0 ? <Body>{w.orderNone}</Body> : null}
      <View role="list">
        {rows.map(([part = '', count = '', why = '', source = '', expected = '']) => (
          <View role="listitem" key={`${part} ${why}`} className="border-b border-rule py-2">
            <View className="flex-row justify-between gap-3">
              <Body className="shrink font-strong">{part}</Body>
              <Body className="font-strong">{count}</Body>
            </View>
            <Small>{[why, source, expected].filter(Boolean).join(' · ')}</Small>
          </View>
        ))}
      </View>
      {rows.length === 0 ? null : (
        <>
          <View className="flex-row gap-3">
            <Button label={w.orderCsv} onPress={save} className="flex-1" />
            <Button label={w.orderPdf} onPress={print} className="flex-1" />
          </View>
          <Field
            label={w.whenAll}
            hint={w.whenHint}
            value={day}
            onChangeText={(text) => {
              setDay(text);
              setNoDay(false);
            }}
            fault={isNoDay ? w.needDay : undefined}
            onSubmitEditing={keep}
          />
          {isDay(day.trim()) ? <Small>{w.expected(longDay(day.trim()))}</Small> : null}
        </>
      )}
    </Slip>
  );
}
