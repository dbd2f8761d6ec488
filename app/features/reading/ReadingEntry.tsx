import type { Printed } from '@cardinex/core/job/facts/shown';
import { useImperativeHandle, useRef, useState, type RefObject } from 'react';
import { Text, View, type TextInput } from 'react-native';
import {
  readDeviation,
  type DeviationFault,
  type GaugeSet,
} from '@cardinex/core/quantity/gaugeDeviation';
import { parseReading, type ReadingFault } from '@cardinex/core/quantity/parseReading';
import { length } from '@cardinex/words/quantity';
import { readingsWords as r } from '@cardinex/words/readings';
import { linersWords as w } from '@cardinex/words/screens';
import { useUnits } from '../../device/preferences';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import type { Asked } from '../../ui/Ask';
import { useRefusal } from '../../ui/Refusal';
import { signal } from '../../ui/signal';
import { useDigitsTo } from './useDigitsTo';

interface Props {
  readonly label: string;
  /** Largest size this kind of reading can have, in millimetres. */
  readonly reachMm: number;
  /** Can it be below zero? Then there is a sign key: number pads have none. */
  readonly signed?: boolean;
  readonly beyond: (value: string, reach: string) => string;
  /** Is it doubtful? Then it is asked about before it is kept: with its own sentence, else as far from its fellows. */
  readonly isFar?: (mm: number) => boolean | string;
  /** What was read there before, in millimetres: replaced only once that is said to be meant. */
  readonly standsMm?: number | undefined;
  /** It is shown by a gauge that was set to a size: typed by its divisions. */
  readonly set?: GaugeSet | undefined;
  /**
   * Keeps the reading; resolves to false when it was not accepted and should stay in the field.
   * @param divisions what a gauge that was set to a size showed
   */
  readonly onRead: (
    mm: number,
    printed: Printed,
    outlier: boolean,
    divisions?: number,
  ) => Promise<boolean>;
  readonly entry: ReadingField;
}

/** What makes a reading doubtful: it is far from its fellows, or another stands in its place. */
type Doubt = 'far' | 'stands';
type Answered = { readonly [D in Doubt]?: boolean };

/** What stands in the field, shared with the card's act bar. */
interface ReadingField {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly handle: RefObject<ReadingHandle | null>;
  /** What is asked before the reading is kept; stands above the act bar. */
  readonly asked: Asked | null;
  readonly ask: (asked: Asked | null) => void;
}

/** What the act bar may ask of the entry. */
interface ReadingHandle {
  /** Keeps what stands in the field. */
  readonly keep: () => void;
}

export function useReadingField(): ReadingField {
  const [text, setText] = useState('');
  const handle = useRef<ReadingHandle>(null);
  const [asked, ask] = useState<Asked | null>(null);
  return { text, setText, handle, asked, ask };
}

/**
 * A reading typed by hand, or sent by a gauge that types digits and Enter. Digits go into the
 * field wherever the focus is.
 */
export function ReadingEntry({
  label,
  reachMm,
  signed = false,
  beyond,
  isFar,
  standsMm,
  set,
  onRead,
  entry,
}: Props) {
  const units = useUnits();
  const { text, setText, handle, asked, ask } = entry;
  const [faulty, setFaulty] = useState(false);
  const refusal = useRefusal();
  const field = useRef<TextInput>(null);
  useDigitsTo(field);
  const busy = useRef(false);
  // A gauge sends its next reading while the last is still being written: neither may be lost.
  const since = useRef({ typed: false, entered: false });
  const ready = (): void => {
    ask(null);
    setText('');
    field.current?.focus();
  };
  /** Asks, and says by its tone that the reading is not kept yet. */
  const question = (sentence: string, about: Doubt, answered: Answered): void => {
    signal('refused');
    ask({
      text: sentence,
      kind: about === 'far' ? 'out' : 'waiting',
      more: about === 'far' ? r.farAsk : r.replaceAsk,
      yes: {
        label: about === 'far' ? r.farKeep : r.replace,
        onPress: () => void keepReading({ ...answered, [about]: true }),
      },
      no: { label: about === 'far' ? r.farAgain : r.leave, onPress: ready },
      testID: about,
    });
  };
  const keepReading = async (answered: Answered = {}): Promise<void> => {
    if (busy.current) {
      since.current.entered = since.current.typed;
      return;
    }
    // A gauge that sends twice does not answer the question.
    if (asked !== null && !answered.far && !answered.stands) return signal('refused');
    const result = set
      ? shownSize(text, set)
      : { divisions: undefined, ...parseReading(text, units.length, reachMm) };
    if (!result.ok) {
      setFaulty(true);
      refusal.say(
        faultWords(result.fault, `${text} ${units.length}`, beyond, length(reachMm, units)),
      );
      return;
    }
    setFaulty(false);
    const value = length(result.mm, units);
    if (!answered.stands && standsMm !== undefined) {
      return question(r.stands(label, length(standsMm, units), value), 'stands', answered);
    }
    const doubt = answered.far ? false : (isFar?.(result.mm) ?? false);
    if (doubt !== false) {
      return question(typeof doubt === 'string' ? doubt : r.far(value), 'far', answered);
    }
    busy.current = true;
    since.current = { typed: false, entered: false };
    const stored = await onRead(
      result.mm,
      { text: result.text, unit: result.unit },
      answered.far === true,
      result.divisions,
    );
    busy.current = false;
    // What was asked stands until the answer is written: who leaves sooner has seen that it was not.
    ask(null);
    if (stored && !since.current.typed) setText('');
    // By then the card asks for the next.
    if (since.current.entered) setTimeout(() => handle.current?.keep());
  };
  const type = (typed: string): void => {
    const isFirst = busy.current && !since.current.typed;
    if (isFirst) since.current.typed = true;
    // What stands behind the figure being written is the next one.
    setText(isFirst && typed.startsWith(text) ? typed.slice(text.length) : typed);
    setFaulty(false);
    refusal.clear();
    ask(null);
  };
  const shown = set && text !== '' ? readDeviation(text, set) : null;
  useImperativeHandle(handle, () => ({ keep: () => void keepReading() }));
  return (
    <View className="gap-2">
      <View className="flex-row items-start gap-2">
        <View className="flex-1">
          <Field
            ref={field}
            label={label}
            unit={set ? r.divisions(length(set.divisionMm, units)) : units.length}
            big
            inputMode="decimal"
            value={text}
            onChangeText={type}
            onSubmitEditing={() => void keepReading()}
            blurOnSubmit={false}
            faulty={faulty}
            testID="reading"
          />
        </View>
        {signed || set ? (
          <View className="pt-6">
            <Button label="±" tall onPress={() => setText(flipped(text))} className="w-14" />
          </View>
        ) : null}
      </View>
      {shown?.ok ? (
        <Text className="font-head text-figure text-ink" aria-live="polite" testID="shown-size">
          {r.isSize(length(shown.mm, units))}
        </Text>
      ) : null}
    </View>
  );
}

/** What a gauge that was set to a size shows, as a reading. */
function shownSize(text: string, set: GaugeSet) {
  const read = readDeviation(text, set);
  if (!read.ok) return read;
  const { mm, divisions } = read;
  return { ok: true, mm, divisions, text: String(mm), unit: 'mm' } as const;
}

function flipped(text: string): string {
  return /^[-\u2212]/.test(text) ? text.slice(1) : `\u2212${text}`;
}

function faultWords(
  fault: ReadingFault | DeviationFault,
  value: string,
  beyond: Props['beyond'],
  reach: string,
): string {
  switch (fault) {
    case 'empty':
      return w.empty;
    case 'letters':
      return w.letters;
    case 'grouped':
      return w.grouped;
    case 'other-unit':
      return w.otherUnit;
    case 'beyond-gauge':
      return beyond(value, reach);
    case 'no-division':
      return r.noDivision;
  }
}
