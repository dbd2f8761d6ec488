import { useState, type ReactNode } from 'react';
import { Text, View } from 'react-native';
import { CRANK_PLACED, moveOf, type Check } from '@cardinex/core/job/checks/check';
import { cylinderOfItem, isTurnedFor } from '@cardinex/core/job/checks/crankThere';
import { mayBeNotHere } from '@cardinex/core/job/checks/notHere';
import { phasesOf } from '@cardinex/core/job/checks/handling';
import { isTaken, type CheckView } from '@cardinex/core/job/checks/view';
import { seenOf } from '@cardinex/core/job/checks/state';
import { stepSays } from '@cardinex/words/cards/buildSteps';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { itemAt, itemName, placeName, placeWithin } from '@cardinex/words/checkNames';
import { refusalSentence } from '@cardinex/words/refusals';
import { Button } from '../../ui/Button';
import { cn } from '../../ui/cn';
import { useRefusal } from '../../ui/Refusal';
import { Body, Small } from '../../ui/Words';
import type { CardActs } from '../job/ActBar';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { SeenRow } from '../job/SeenRow';
import { useOnce } from '../job/useOnce';
import { WordsSlip } from '../job/WordsSlip';
import { PhotographIt } from '../photographs/PhotographIt';
import { CrankFor } from '../pistons/CrankFor';
import { Findings } from './Findings';
import { useCounted } from './useCounted';
import { HeldNotice } from './HeldNotice';
import { useHolds } from './useHolds';
import { HolesMap } from './HolesMap';
import { LookDrawing } from './LookDrawing';
import type { Slot } from './ReadingGrid';
import { NotHereSlip } from './NotHereSlip';
import { NotGoodSlip } from './NotGoodSlip';
import { Steps } from './Steps';
import { useLookCard } from './useLookCard';
import { AfterCheck } from './AfterCheck';
import { frameOfCheck } from './frameOfCheck';

/** Item by item with all its steps; or step by step round all items: nobody changes the tool at every hole. */
function slotsOf(check: Check): readonly Slot[] {
  const { items, byItem } = check;
  return phasesOf(check).flatMap(({ steps }) =>
    byItem
      ? items.flatMap((item) => steps.map((place) => ({ item, place })))
      : steps.flatMap((place) => items.map((item) => ({ item, place }))),
  );
}

interface Props {
  readonly view: CheckView;
  /** The fastened set whose card it begins. */
  readonly set?: string;
  /** Is this to be said once more, though it was said before? */
  readonly again?: (slot: Slot) => boolean;
  /** May anything be said of an item now? What may be comes first; all of it unless given. */
  readonly ready?: (item: string) => boolean;
  /** How many there must be of what is counted at it; null where nothing is. */
  readonly counted?: (slot: Slot) => number | null;
  readonly above?: ReactNode;
  /** Under the step in hand. */
  readonly below?: (slot: Slot) => ReactNode;
  readonly more?: ReactNode;
  /** It comes before its time: said good only by whoever says why. */
  readonly early?: (slot: Slot) => { readonly title: string; readonly button: string } | null;
  /** What is done in its place, where it can no longer be said. */
  readonly instead?: (slot: Slot) => CardActs['confirm'] | null;
  /** Goes to another of its steps elsewhere; false where it is gone to here. */
  readonly onStep?: (place: string) => boolean;
}

/** Something ticked or looked over: hole by hole on the map, piston by piston in its steps, or a list. */
export function OneByOne({ view, set, ...props }: Props) {
  const { again, ready, counted, above, below, more, early, instead, onStep } = props;
  const { sheet, state, record } = useJob();
  const [chosen, setChosen] = useState<Slot | null>(null);
  const [notGood, setNotGood] = useState(false);
  const [waiving, setWaiving] = useState(false);
  const { check } = view;
  const onMap = check.kind === 'holes';
  const stepped = check.places.length > 1;
  // One thing alone is not worth its name: the step is what matters.
  const alone = check.items.length === 1;
  const left = slotsOf(check).filter(
    (slot) => again?.(slot) || !isTaken(state.checks, check, slot.item, slot.place),
  );
  const at = chosen ?? (ready && left.find(({ item }) => ready(item))) ?? left[0] ?? null;
  const following = left.find((slot) => slot.item !== at?.item || slot.place !== at.place);
  const held = useHolds(
    at !== null && isTurnedFor(sheet, state, check, at.item, at.place),
    moveOf(check),
  );
  const refusal = useRefusal();
  const say = (
    found: 'good' | 'not-good',
    more: { readonly words?: string; readonly count?: number } = {},
  ): Promise<string | null> =>
    record('check.seen', {
      check: check.id,
      item: at?.item ?? '',
      ...(at && at.place !== '' && { step: at.place }),
      found,
      ...more,
    });
  /** Once it is said, what was picked by hand is no longer in hand. */
  const moveOn = async (said: Promise<string | null>): Promise<string | null> => {
    const problem = await said;
    if (problem === null) setChosen((now) => (now === chosen ? null : now));
    return problem;
  };
  const total = (at && counted?.(at)) ?? null;
  const number = useCounted(total, `${at?.item} ${at?.place}`);
  const good = useOnce(async () => {
    if (!at || held) return;
    if (number.count === undefined)
      return refusal.say(refusalSentence({ code: 'joints-uncounted' }));
    const count = number.count === null ? {} : { count: number.count };
    await moveOn(say('good', count));
  });
  const sayOf = (found: 'good' | 'not-good', words: string): Promise<string | null> =>
    moveOn(say(found, { words }));
  const other = at && instead?.(at);
  // What was picked by hand is not gone on with once something else was done.
  const otherwise = other && {
    ...other,
    onPress: () => {
      setChosen(null);
      other.onPress();
    },
  };
  const tooEarly = (at && early?.(at)) ?? null;
  const found = ({ item, place }: Slot) => seenOf(state.checks, check.id, item, place)?.found;
  const foundOf = (item: string): 'good' | 'not-good' | undefined => {
    const members = check.places.map((place) => found({ item, place }));
    if (members.includes('not-good')) return 'not-good';
    return members.every((entry) => entry !== undefined) ? 'good' : undefined;
  };
  const step = at?.place ?? check.places.at(-1) ?? '';
  const { undo, frame } = useLookCard(view, set);
  const nextName = ({ item, place }: Slot): string => {
    const ofItem = itemName(sheet, check, item);
    if (!stepped) return ofItem;
    if (alone) return placeWithin(sheet, check, place);
    return check.byItem ? itemAt(sheet, check, item, place) : ofItem;
  };
  const choose = (item: string): void =>
    setChosen({ item, place: check.places.find((place) => !found({ item, place })) ?? step });
  return (
    <CardFrame
      {...frame}
      {...frameOfCheck(sheet, view)}
      acts={
        at && !held
          ? {
              undo,
              typing: typeof number.count === 'number',
              notSo: {
                label: tooEarly?.button ?? w.notGood,
                onPress: () => setNotGood(true),
              },
              confirm: otherwise ?? {
                label: stepped ? placeName(sheet, check, step) : w.good,
                hint: following && stepped ? w.next(nextName(following)) : undefined,
                onPress: good,
              },
            }
          : null
      }
      // A piece that goes on is a card by itself: it leads on to the next.
      actBar={
        check.card === 'fit' ? (
          frame.actBar
        ) : (
          <AfterCheck check={check} unfinished={held !== null || view.undecided.length > 0} />
        )
      }
      slip={
        waiving && at ? (
          <NotHereSlip
            check={check}
            at={at}
            title={nextName(at)}
            onDone={() => setChosen(null)}
            onClose={() => setWaiving(false)}
          />
        ) : !notGood || !at ? null : tooEarly ? (
          <WordsSlip
            title={tooEarly.title}
            label={w.why}
            need={w.needWhy}
            confirm={tooEarly.button}
            kind="stop"
            onWords={(words) => sayOf('good', words)}
            onClose={() => setNotGood(false)}
          />
        ) : (
          <NotGoodSlip
            title={nextName(at)}
            onWords={(words) => sayOf('not-good', words)}
            onClose={() => setNotGood(false)}
          />
        )
      }
    >
      {above}
      {held ? <HeldNotice by={held} /> : null}
      {onMap ? (
        <View className="px-3 pt-2">
          <EndMark end={sheet.cylinder1End} />
          <HolesMap
            check={check}
            current={at?.item ?? null}
            standing={(item) => {
              const seen = found({ item, place: step });
              return seen === 'good' ? 'done' : seen === 'not-good' ? 'failed' : 'open';
            }}
            onPress={(item) => setChosen({ item, place: step })}
          />
        </View>
      ) : null}
      <LookDrawing check={check} at={at} foundOf={foundOf} />
      {at ? (
        <View className="gap-1 border-t border-rule px-3.5 py-3" aria-live="polite">
          {onMap ? <Small>{w.holesFirst}</Small> : null}
          <Text
            className={cn('font-head text-ink', stepped ? 'text-figure' : 'text-big')}
            testID="act"
          >
            {alone && stepped ? placeName(sheet, check, at.place) : itemName(sheet, check, at.item)}
          </Text>
          {at.place === CRANK_PLACED ? (
            <CrankFor sheet={sheet} cylinder={cylinderOfItem(at.item)} />
          ) : null}
          {below?.(at)}
          {stepSays(sheet, check, at.place).map((line) => (
            <Body key={line}>{line}</Body>
          ))}
          {number.field?.(() => void good())}
        </View>
      ) : null}
      {stepped ? (
        <Steps
          steps={check.places.map((place) => ({
            place,
            name: placeName(sheet, check, place),
            done: check.items.filter((item) => found({ item, place })).length,
            found: check.byItem
              ? found({ item: at?.item ?? check.items[0] ?? '', place })
              : undefined,
          }))}
          of={check.items.length}
          current={[step]}
          byItem={check.byItem ?? false}
          onChoose={(place) => {
            if (onStep?.(place)) return;
            const open = check.items.find((item) => !found({ item, place }));
            const item = check.byItem && at ? at.item : (open ?? check.items[0] ?? '');
            setChosen({ item, place });
          }}
        />
      ) : null}
      {onMap || (alone && stepped)
        ? null
        : check.items.map((item) => (
            <SeenRow
              key={item}
              name={itemName(sheet, check, item)}
              found={foundOf(item)}
              here={item === at?.item}
              onPress={() => choose(item)}
            />
          ))}
      <Findings view={view} />
      {at && !held && mayBeNotHere(check, at.place) ? (
        <View className="border-t border-rule px-3.5 py-2.5">
          <Button label={w.notHere} onPress={() => setWaiving(true)} />
        </View>
      ) : null}
      {more}
      <View className="border-t border-rule px-3.5 py-2.5">
        <PhotographIt of={`check/${check.id}`} />
      </View>
    </CardFrame>
  );
}
