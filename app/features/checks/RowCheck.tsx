import { useState, type ReactNode } from 'react';
import { Text, View } from 'react-native';
import type { Phase } from '@cardinex/core/job/checks/handling';
import { seenOf } from '@cardinex/core/job/checks/state';
import type { CheckView } from '@cardinex/core/job/checks/view';
import type { RowStanding } from '@cardinex/drawings/checks/rowOfParts';
import { stepSays } from '@cardinex/words/cards/buildSteps';
import { inspectWords } from '@cardinex/words/cards/inspect';
import { rowWords as w } from '@cardinex/words/cards/row';
import { placeName, rowCount, stepsName } from '@cardinex/words/checkNames';
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
import { LookDrawing } from './LookDrawing';
import { isOfSteps, membersOfRow } from './membersOfRow';
import { RowDrawing } from './RowDrawing';
import { Steps } from './Steps';
import { useLookCard } from './useLookCard';

interface Props {
  readonly view: CheckView;
  /** The fastened set, or piece, whose card it is on. */
  readonly set?: string;
  readonly above?: ReactNode;
  readonly more?: ReactNode;
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
export function RowCheck({ view, set, above, more, phase, items, onSingle, onStep }: Props) {
  const { sheet, state, record } = useJob();
  const [leftOut, setLeftOut] = useState<ReadonlySet<string>>(new Set());
  const [notGood, setNotGood] = useState(false);
  const refusal = useRefusal();
  const { top, bottom, seen, show } = useSeenWhole();
  const { undo, frame } = useLookCard(view, set);
  const { check } = view;
  const { steps } = phase;
  const bySteps = isOfSteps(check, items);
  const members = membersOfRow(sheet, check, items, steps);
  const open = bySteps ? steps : items;
  const inRow = open.filter((id) => !leftOut.has(id));
  const apart = open.filter((id) => leftOut.has(id));
  // The only one left need not be picked out.
  const [first] = open.length === 1 ? open : apart;
  const slot = (id: string): { readonly item: string; readonly step: string } =>
    bySteps ? { item: items[0] ?? '', step: id } : { item: id, step: steps[0] ?? '' };
  const nameOf = (id: string): string => members.find((member) => member.id === id)?.name ?? id;
  const toggle = (id: string): void => {
    refusal.clear();
    if (!open.includes(id)) return;
    setLeftOut((now) => {
      const next = new Set(now);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  };
  const standing = (id: string): RowStanding => {
    if (open.includes(id)) return leftOut.has(id) ? 'left-out' : 'in-row';
    const found = steps.map((step) => seenOf(state.checks, check.id, id, step)?.found);
    return found.includes('not-good') ? 'failed' : 'done';
  };
  const confirm = useOnce(async () => {
    if (!seen) return show();
    if (inRow.length === 0) return refusal.say(w.noneLeft);
    const row = bySteps ? { items, steps: inRow } : { items: inRow, steps };
    const problem = await record('check.row-seen', { check: check.id, ...row });
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
          label: !seen ? w.lookFirst : bySteps ? w.so : stepsName(sheet, check, steps),
          hint: rowCount(bySteps ? steps : check.items, inRow),
          onPress: confirm,
          byThumb: true,
          plain: !seen,
        },
      }}
      slip={
        notGood && first !== undefined ? (
          <NotGoodSlip
            title={bySteps ? nameOf(first) : `${nameOf(first)}: ${stepsName(sheet, check, steps)}`}
            onWords={(words) =>
              record('check.seen', {
                check: check.id,
                ...slot(first),
                found: 'not-good',
                words,
              })
            }
            onClose={() => setNotGood(false)}
          />
        ) : null
      }
    >
      {above}
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
      <RowDrawing check={check} parts={members} standing={standing} onPress={toggle} />
      {bySteps
        ? steps.map((place) => (
            <LookDrawing
              key={place}
              check={check}
              at={{ item: items[0] ?? '', place }}
              foundOf={() => undefined}
            />
          ))
        : null}
      <View ref={bottom} />
      <View className="gap-2 px-3.5 pb-3">
        <Body aria-live="polite">
          {apart.length > 0 ? w.leftOut(apart.map(nameOf)) : w.tapExceptions}
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
      {more}
    </CardFrame>
  );
}
