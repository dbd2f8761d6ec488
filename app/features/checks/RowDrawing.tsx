import { View } from 'react-native';
import type { Check } from '@cardinex/core/job/checks/check';
import { rowOfPartsDrawing, type RowStanding } from '@cardinex/drawings/checks/rowOfParts';
import { rowWords as w } from '@cardinex/words/cards/row';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { HolesMap } from './HolesMap';
import { Body } from '../../ui/Words';
import { isNumbered, type RowMember } from './membersOfRow';
import { linesOfRow } from './linesOfRow';

interface Props {
  readonly check: Check;
  /** What it is said of, in its order. */
  readonly parts: readonly RowMember[];
  readonly standing: (item: string) => RowStanding;
  readonly onPress: (item: string) => void;
}

/** The row that something is said of, drawn: holes on their map, other parts as they lie in the engine. */
export function RowDrawing({ check, parts, standing, onPress }: Props) {
  const { sheet } = useJob();
  const named = (is: RowStanding): readonly string[] =>
    parts.filter(({ id }) => standing(id) === is).map(({ name }) => name);
  if (isNumbered(check))
    return (
      <View className="gap-1 px-3.5 py-2">
        <DrawingView
          drawing={rowOfPartsDrawing({
            lines: [parts.map(({ id }, at) => ({ id, name: String(at + 1) }))],
            standing,
            description: w.drawn(named('in-row'), named('left-out'), named('failed')),
          })}
          onPress={onPress}
        />
        {parts.map(({ id, name }, at) => (
          <Body key={id}>{w.numbered(at + 1, name)}</Body>
        ))}
      </View>
    );
  return (
    <View className="px-3 py-2">
      <EndMark end={sheet.cylinder1End} />
      {check.kind === 'holes' ? (
        <HolesMap check={check} current={null} standing={standing} onPress={onPress} />
      ) : (
        <DrawingView
          drawing={rowOfPartsDrawing({
            lines: linesOfRow(sheet, check),
            standing,
            description: w.drawn(named('in-row'), named('left-out'), named('failed')),
          })}
          onPress={onPress}
        />
      )}
    </View>
  );
}
