import { View } from 'react-native';
import { LINERS_OUT, type Parted } from '@cardinex/core/job/cards/strip/view';
import { linersLoose } from '@cardinex/core/job/crankHeld';
import { temporaryPartsIn } from '@cardinex/core/job/register';
import { hasWetLiners } from '@cardinex/core/job/scope';
import { STRIP } from '@cardinex/core/job/slackening';
import { partedName, stripWords as w } from '@cardinex/words/cards/strip';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { ClampLiners } from './ClampLiners';

/** Heads and cylinders that come off, how, and the liners held down once they have. */
export function TakenOff({ parts }: { parts: readonly Parted[] }) {
  const { sheet, state } = useJob();
  const heads = parts.filter(({ item }) => item !== LINERS_OUT);
  const clamped = temporaryPartsIn(state.register).some(({ kind }) => kind === 'liner-clamp');
  return (
    <View className="gap-3 p-3.5">
      <Heading level={3}>{w.off}</Heading>
      <Body>{hasWetLiners(sheet) ? w.wetOff : w.dryOff}</Body>
      {parts.map((part) => (
        <Off key={part.item} part={part} several={heads.length > 1} />
      ))}
      {linersLoose(sheet, state) ? <ClampLiners /> : null}
      {clamped ? <Mark kind="within" word={w.clamped} /> : null}
    </View>
  );
}

function Off({ part, several }: { part: Parted; several: boolean }) {
  const { record } = useJob();
  const { item, loose, off } = part;
  const say = useOnce(() => record('check.seen', { check: STRIP, item, found: 'good' }));
  return (
    <View className="flex-row items-center justify-between gap-3">
      <View className="flex-1">
        <Body>{partedName(part, several)}</Body>
        {item === LINERS_OUT ? <Small>{w.linersOut}</Small> : null}
      </View>
      {off ? (
        <Mark kind="within" word={item === LINERS_OUT ? w.areOut : w.isOff} />
      ) : (
        <Button
          label={item === LINERS_OUT ? w.areOut : w.isOff}
          name={`${partedName(part, several)}: ${item === LINERS_OUT ? w.areOut : w.isOff}`}
          kind="expected"
          disabled={!loose}
          onPress={say}
        />
      )}
    </View>
  );
}
