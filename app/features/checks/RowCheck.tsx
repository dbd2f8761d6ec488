import { useState } from 'react';
import { Text, View } from 'react-native';
import type { Phase } from '@cardinex/core/job/checks/handling';
import { seenOf } from '@cardinex/core/job/checks/state';
import type { CheckView } from '@cardinex/core/job/checks/view';
import type { RowStanding } from '@cardinex/drawings/checks/rowOfParts';
import { stepSays } from '@cardinex/words/cards/buildSteps';
import { inspectWords } from '@cardinex/words/cards/inspect';
import { rowWords as w } from '@cardinex/words/cards/row';
import { itemName, placeName, rowCount, stepsName } from '@cardinex/words/checkNames';
import { Button } from '../../ui/Button';
import { useRefusal } from '../../ui/Refusal';
import { useSeenWhole } from '../../ui/useSeenWhole';
import { Body, Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';
import { frameOfCheck } from './frameOfCheck';
import { NotGoodSlip } from './NotGoodSlip';
import { Findings } from './Findings';
import { RowDrawing } from './RowDrawing';
import { Steps } from './Steps';
import { useLookCard } from './useLookCard';

interface Props {
  readonly view: CheckView;
  readonly phase: Phase;
  /** What it is said of. */
  readonly items: readonly string[];
  readonly onSingle: () => void;
  readonly onStep: (step: string) => void;
}

/**
 * Handling done to a row of parts, said once for all that are not left out of it: by a thumb alone, and only once the
 * drawing was in sight.
 */
export function RowCheck({ view, phase, items, onSingle, onStep }: Props) {
  const { sheet, state, record } = useJob();
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const [notGood, setNotGood] = useState(false);
  const refusal = useRefusal();
  const { top, bottom, seen, show } = useSeenWhole();
  const { undo, frame } = useLookCard(view);
  const { check } = view;
  const { steps } = phase;
  const inRow = items.filter((item) => !leftOut.has(item));
  const apart = items.filter((item) => leftOut.has(item));
  // The only one left need not be picked out.
  const [first] = items.length === 1 ? items : apart;
  const toggle = (item: string): void => {
    refusal.clear();
    if (!items.includes(item)) return;
    setLeftOut((now) => {
      const next = new Set(now);
      if (!next.delete(item)) next.add(item);
      return next;
    });
  };
  const standing = (item: string): RowStanding => {
    if (items.includes(item)) return leftOut.has(item) ? 'left-out' : 'in-row';
    const found = steps.map((step) => seenOf(state.checks, check.id, item, step)?.found);
    return found.includes('not-good') ? 'failed' : 'done';
  };
  const confirm = useOnce(async () => {
    if (!seen) return show();
    if (inRow.length === 0) return refusal.say(w.noneLeft);
    const problem = await record('check.row-seen', { check: check.id, items: inRow, steps });
    // What was left out is what is left to do.
    if (problem === null) setLeftOut(new Set());
  });
  return (
    <CardFrame
      {...frame}
      {...frameOfCheck(sheet, view)}
      acts={{
        undo,
        notSo: {
          label: inspectWords.notGood,
          onPress: () => (first === undefined ? refusal.say(w.tapNotGood) : setNotGood(true)),
        },
        confirm: {
          label: seen ? stepsName(sheet, check, steps) : w.lookFirst,
          hint: rowCount(check, inRow),
          onPress: confirm,
          byThumb: true,
          plain: !seen,
        },
      }}
      slip={
        notGood && first !== undefined ? (
          <NotGoodSlip
            title={`${itemName(sheet, check, first)}: ${stepsName(sheet, check, steps)}`}
            onWords={(words) =>
              record('check.seen', {
                check: check.id,
                item: first,
                step: steps[0] ?? '',
                found: 'not-good',
                words,
              })
            }
            onClose={() => setNotGood(false)}
          />
        ) : null
      }
    >
      <View className="gap-1 px-3.5 py-3" aria-live="polite">
        <Text className="font-head text-figure text-ink" testID="act">
          {stepsName(sheet, check, steps)}
        </Text>
        {steps.flatMap((step) =>
          stepSays(sheet, check, step).map((line) => <Body key={line}>{line}</Body>),
        )}
        {check.kind === 'holes' ? <Small>{inspectWords.holesFirst}</Small> : null}
      </View>
      <View ref={top} />
      <RowDrawing check={check} standing={standing} onPress={toggle} />
      <View ref={bottom} />
      <View className="gap-2 px-3.5 pb-3">
        <Body aria-live="polite">
          {apart.length > 0
            ? w.leftOut(apart.map((item) => itemName(sheet, check, item)))
            : w.tapExceptions}
        </Body>
        <Button label={w.singly} onPress={onSingle} />
      </View>
      <Steps
        steps={check.places.map((place) => ({
          place,
          name: placeName(sheet, check, place),
          done: check.items.filter((item) => seenOf(state.checks, check.id, item, place)).length,
        }))}
        of={check.items.length}
        current={steps}
        byItem={false}
        onChoose={onStep}
      />
      <Findings view={view} />
    </CardFrame>
  );
}
