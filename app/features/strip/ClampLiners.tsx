import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import { assemblyOf } from '@cardinex/core/sheet/assembly/assemblyOf';
import { heightsOf } from '@cardinex/core/sheet/spec/block';
import { stripWords as w } from '@cardinex/words/cards/strip';
import { THING_BARS } from '@cardinex/words/register';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

/** Wet liners stand loose while no head is on: said before anything turns, with the way to put it right. */
export function ClampLiners() {
  const { sheet, record } = useJob();
  const clamp = useOnce(() =>
    record('temporary-part.put-in', {
      part: uuidv7(),
      kind: 'liner-clamp',
      what: assemblyOf(sheet).temporary.find((known) => known.holdsLiners)?.what ?? w.clampWhat,
      where: w.clampWhere,
      bars: THING_BARS['liner-clamp'],
    }),
  );
  const sentence = heightsOf(sheet.liners)?.clamp?.says;
  return (
    <View className="gap-2 rounded-lg border-2 border-red p-3" role="alert">
      <Mark kind="out" word={w.clamp} />
      <Body>{w.clampWhy}</Body>
      {sentence === undefined ? null : <Small>{sentence}</Small>}
      <Button label={w.clamped} kind="expected" onPress={clamp} />
    </View>
  );
}
