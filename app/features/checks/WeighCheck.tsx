import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { isWeighedBeside, oppositeOf } from '@cardinex/core/job/cards/pistons/checks';
import type { WeighedBeside } from '@cardinex/core/job/facts/checks';
import { weightOf } from '@cardinex/core/job/checks/state';
import { isTaken, type CheckView } from '@cardinex/core/job/checks/view';
import { buildWords as b, cardBacks, stepSays } from '@cardinex/words/cards/buildSteps';
import { inspectWords as w } from '@cardinex/words/cards/inspect';
import { checkName, itemName } from '@cardinex/words/checkNames';
import { mass } from '@cardinex/words/mass';
import { weighingWords as g } from '@cardinex/words/weighing';
import { readingsWords as r } from '@cardinex/words/readings';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import type { Asked } from '../../ui/Ask';
import { useRefusal } from '../../ui/Refusal';
import { signal } from '../../ui/signal';
import { Small } from '../../ui/Words';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';
import { ReadingTile } from '../reading/ReadingTile';
import { checksHref } from './checkHref';
import { Findings } from './Findings';
import { isOf } from './isOf';
import { AfterCheck } from './AfterCheck';
import { frameOfCheck } from './frameOfCheck';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>(['piece.weighed']);

/** Pieces weighed one after the other, and what their masses come to together. */
export function WeighCheck({ view }: { view: CheckView }) {
  const { jobId, sheet, state, record } = useJob();
  const [text, setText] = useState('');
  const [faulty, setFaulty] = useState(false);
  const refusal = useRefusal();
  const [chosen, setChosen] = useState<string | null>(null);
  /** Of one piston alone: what it is weighed against. */
  const [beside, setBeside] = useState<WeighedBeside | null>(null);
  const { check } = view;
  const { undo, frame } = useCard({
    card: check.card,
    acts: OWN_ACTS,
    isHere: isOf(check.id),
    says: cardBacks.pistons,
    done: view.done,
  });
  const next = check.items.find((item) => !isTaken(state.checks, check, item, ''));
  const at = chosen ?? next ?? null;
  const isBeside = at !== null && isWeighedBeside(at);
  const opposite = oppositeOf(sheet, Number(check.items[0]));
  /** What is asked before a mass that stands is replaced. */
  const [question, ask] = useState<string | null>(null);
  const forget = (): void => {
    ask(null);
    setText('');
  };
  const save = useOnce(async (surely = false) => {
    if (at === null) return;
    // A balance that sends twice does not answer the question.
    if (question !== null && !surely) return signal('refused');
    if (isBeside && beside === null) return refusal.say(g.sayWhich);
    const typed = text.trim();
    const grams = valueIn(typed, 'g');
    if (grams === null || grams < 1 || grams >= 1_000_000) {
      setFaulty(true);
      return refusal.say(b.notGrams);
    }
    const before = weightOf(state.checks, check.id, at);
    if (before && !surely) {
      signal('refused');
      return ask(r.stands(itemName(sheet, check, at), mass(before.grams), mass(grams)));
    }
    const problem = await record('piece.weighed', {
      check: check.id,
      item: at,
      grams,
      text: typed,
      ...(isBeside && beside && { beside }),
    });
    if (problem !== null) return;
    forget();
    setChosen((now) => (now === chosen ? null : now));
  });
  const asked: Asked | null =
    question === null
      ? null
      : {
          text: question,
          more: r.replaceAsk,
          kind: 'waiting',
          yes: { label: r.replace, onPress: () => save(true) },
          no: { label: r.leave, onPress: forget },
          testID: 'stands',
        };
  const all = (): void => router.push(checksHref(jobId, check));
  return (
    <CardFrame
      {...frame}
      {...frameOfCheck(sheet, view)}
      acts={
        at === null
          ? null
          : {
              undo,
              notSo: { label: w.toChecks, onPress: all },
              confirm: { label: b.weigh, hint: itemName(sheet, check, at), onPress: () => save() },
              asked,
              typing: text !== '',
            }
      }
      actBar={<AfterCheck check={check} unfinished={view.undecided.length > 0} />}
    >
      <View className="gap-3 px-3.5 py-3">
        <View
          className="flex-row flex-wrap gap-2"
          role="group"
          aria-label={checkName(sheet, check)}
        >
          {check.items.map((item) => {
            const weight = weightOf(state.checks, check.id, item);
            return (
              <ReadingTile
                key={item}
                figure={weight ? mass(weight.grams) : '–'}
                name={itemName(sheet, check, item)}
                here={item === at}
                onPress={() => {
                  ask(null);
                  setChosen(item);
                }}
                className="min-h-[60px] min-w-[22%] px-1"
              />
            );
          })}
        </View>
        {isBeside ? (
          <Choice
            label={g.against}
            value={beside}
            options={[
              { value: 'came-out', label: g.cameOut },
              ...(opposite === undefined
                ? []
                : [{ value: 'opposite' as const, label: g.opposite(opposite) }]),
            ]}
            onChange={setBeside}
          />
        ) : null}
        {at === null ? null : (
          <Field
            label={itemName(sheet, check, at)}
            unit={b.grams}
            big
            inputMode="decimal"
            value={text}
            onChangeText={(typed) => {
              setText(typed);
              setFaulty(false);
              refusal.clear();
              ask(null);
            }}
            onSubmitEditing={() => save()}
            blurOnSubmit={false}
            faulty={faulty}
            testID="reading"
          />
        )}
        {stepSays(sheet, check, '').map((sentence) => (
          <Small key={sentence}>{sentence}</Small>
        ))}
      </View>
      <Findings view={view} />
    </CardFrame>
  );
}
