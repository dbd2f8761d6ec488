import { useState } from 'react';
import { Text, View } from 'react-native';
import { SHELL_WEAR, shellPattern, type ShellWear } from '@cardinex/core/crank/shellPattern';
import { seenOf } from '@cardinex/core/job/checks/state';
import type { CheckView } from '@cardinex/core/job/checks/view';
import { bearingsIn, loadedHalf, wearOf } from '@cardinex/core/job/cards/shells/loaded';
import { shellItem } from '@cardinex/core/job/cards/shells/checks';
import { shellsDrawing } from '@cardinex/drawings/crank/shells';
import { patternSentence, shellsWords as w, wearNames } from '@cardinex/words/cards/shells';
import { itemName } from '@cardinex/words/checkNames';
import { Button } from '../../ui/Button';
import { DrawingView } from '../../ui/drawing/DrawingView';
import { useRefusal } from '../../ui/Refusal';
import { Body, Heading, Small } from '../../ui/Words';
import { AfterCheck } from '../checks/AfterCheck';
import { frameOfCheck } from '../checks/frameOfCheck';
import { useLookCard } from '../checks/useLookCard';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { PhotographIt } from '../photographs/PhotographIt';

interface Props {
  readonly view: CheckView;
  /** The shell in hand, where one is; else the first that nobody has seen. */
  readonly item?: string;
}

/** Old shells as they come out: each beside its fellows, how it was found, and what they say together. */
export function ShellsFound({ view, item }: Props) {
  const { sheet, state, record } = useJob();
  const [chosen, setChosen] = useState<string | null>(null);
  const { check } = view;
  const wearAt = (of: string): ShellWear | undefined => wearOf(seenOf(state.checks, check.id, of));
  const at = chosen ?? item ?? check.items.find((of) => wearAt(of) === undefined) ?? null;
  const { undo, frame } = useLookCard(view);
  const refusal = useRefusal();
  const say = useOnce(async (wear: ShellWear) => {
    if (at === null) return;
    const found = wear === 'even' ? 'good' : 'not-good';
    const problem = await record('check.seen', { check: check.id, item: at, found, wear });
    if (problem === null) setChosen(null);
  });
  return (
    <CardFrame
      {...frame}
      {...frameOfCheck(sheet, view)}
      acts={
        at === null
          ? null
          : {
              undo,
              confirm: { label: w.how, onPress: () => refusal.say(w.still) },
              choices: { label: w.how, of: [] },
            }
      }
      actBar={<AfterCheck check={check} unfinished={false} />}
    >
      <ShellsDrawn view={view} now={at} wearOf={wearAt} onChoose={setChosen} />
      {at === null ? null : (
        <View className="gap-2 border-t border-rule px-3.5 py-3" aria-live="polite">
          <Text className="font-head text-figure text-ink" testID="act">
            {itemName(sheet, check, at)}
          </Text>
          <View className="flex-row flex-wrap gap-2">
            {SHELL_WEAR.map((wear) => (
              <Button
                key={wear}
                label={wearNames[wear]}
                selected={wearAt(at) === wear}
                onPress={() => say(wear)}
                className="min-w-[46%] flex-1"
              />
            ))}
          </View>
          <Small>{w.keep}</Small>
        </View>
      )}
      <Pattern view={view} wearOf={wearAt} />
      <View className="border-t border-rule px-3.5 py-2.5">
        <PhotographIt of={`check/${check.id}`} />
      </View>
    </CardFrame>
  );
}

interface OfShaft {
  readonly view: CheckView;
  readonly wearOf: (item: string) => ShellWear | undefined;
}

/** The bearings of a shaft by their numbers, with the items of their halves. */
function bearingsOf({ check }: CheckView) {
  return bearingsIn(check, () => undefined).map(({ bearing: id }) => ({
    id,
    upper: shellItem(id, 'upper'),
    lower: shellItem(id, 'lower'),
  }));
}

/** The shells of one shaft, drawn along it. */
export function ShellsDrawn({
  view,
  wearOf,
  now = null,
  onChoose,
}: OfShaft & {
  readonly now?: string | null;
  readonly onChoose?: (item: string) => void;
}) {
  const { sheet } = useJob();
  const bearings = bearingsOf(view);
  return (
    <View className="gap-1 px-3 pt-2">
      <EndMark end={sheet.cylinder1End} />
      <DrawingView
        drawing={shellsDrawing({
          bearings,
          wear: wearOf,
          loaded: loadedHalf(sheet, view.check.journal),
          now,
          words: w.half,
          description: w.drawing(bearings.length),
        })}
        onPress={onChoose}
      />
      <Small>{w.heavy}</Small>
    </View>
  );
}

/** What the shells of one shaft say together, and where to look. */
export function Pattern({ view, wearOf }: OfShaft) {
  const { sheet } = useJob();
  const found = shellPattern({
    loaded: loadedHalf(sheet, view.check.journal),
    bearings: bearingsIn(view.check, wearOf),
  });
  if (found.length === 0) return null;
  return (
    <View className="gap-1 border-t border-rule px-3.5 py-2.5" testID="pattern">
      <Heading level={3}>{w.says}</Heading>
      {found.map((finding) => (
        <Body key={finding.code}>{patternSentence(finding)}</Body>
      ))}
      <Small>{w.only}</Small>
    </View>
  );
}
