import { View } from 'react-native';
import type { Remark } from '@cardinex/core/job/facts/remarks';
import { placeTitle } from '@cardinex/words/outOfOrder';
import { remarksWords as w } from '@cardinex/words/remarks';
import { useMemberName } from '../../session/SessionProvider';
import { useShopTime } from '../../session/useShopTime';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { ReasonButton } from '../job/ReasonButton';
import { PhotographIt } from '../photographs/PhotographIt';
import { remarkSubject } from './remarkSubject';

/** What was to be seen to later: each seen to, or left as it is, before the job closes. */
export function Remarks() {
  const { state } = useJob();
  if (state.remarks.length === 0) return null;
  return (
    <View className="gap-2 border-t border-rule pt-3" testID="remarks">
      <Heading level={3}>{w.title}</Heading>
      <Small>{w.bars}</Small>
      {state.remarks.map((remark) => (
        <One key={remark.id} remark={remark} />
      ))}
    </View>
  );
}

function One({ remark }: { readonly remark: Remark }) {
  const { sheet, record } = useJob();
  const nameOf = useMemberName();
  const { moment } = useShopTime();
  const { id, words, card, set, at, by, closed } = remark;
  const place = card && placeTitle(sheet, { card, ...(set !== undefined && { set }) });
  return (
    <View className="gap-2 border-b border-rule py-2">
      <View className="flex-row items-start gap-2">
        <Mark kind={closed ? 'within' : 'waiting'} />
        <View className="flex-1">
          <Body className="font-strong">{words}</Body>
          <Small>
            {[place && w.on(place), w.made(nameOf(by), moment(at))].filter(Boolean).join(' · ')}
          </Small>
          {closed ? (
            <Small>
              {[
                closed.how === 'seen-to' ? w.isSeenTo : w.isAccepted,
                closed.words,
                nameOf(closed.by),
              ]
                .filter(Boolean)
                .join(' · ')}
            </Small>
          ) : null}
        </View>
      </View>
      {closed ? null : (
        <View className="flex-row flex-wrap gap-3">
          <ReasonButton
            button={w.seenTo}
            title={w.seenToTitle}
            label={words}
            confirm={w.seenTo}
            onWords={(done) => record('remark.seen-to', { remark: id, words: done })}
          />
          <ReasonButton
            button={w.accept}
            title={w.acceptTitle}
            label={words}
            need={w.needWhy}
            confirm={w.accept}
            onWords={(why) => record('remark.accepted', { remark: id, words: why })}
          />
          <PhotographIt of={remarkSubject(id)} />
        </View>
      )}
    </View>
  );
}
