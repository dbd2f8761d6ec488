import { router } from 'expo-router';
import { useState } from 'react';
import { Text, View } from 'react-native';
import type { ActType } from '@cardinex/core/job/act';
import { isTaken, type CheckView } from '@cardinex/core/job/cards/inspect/view';
import { seenOf } from '@cardinex/core/job/checks';
import {
  checkName,
  inspectWords as w,
  itemName,
  placeName,
} from '@cardinex/words/en/cards/inspect';
import { Button } from '../../ui/Button';
import { cn } from '../../ui/cn';
import { useActKeys } from '../../ui/useActKeys';
import { Small } from '../../ui/Words';
import { FootMark } from '../job/FootMark';
import { ActBar } from '../job/ActBar';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { SeenRow } from '../job/SeenRow';
import { useOnce } from '../job/useOnce';
import { useUndo } from '../job/useUndo';
import { WordsSlip } from '../job/WordsSlip';
import { PhotographIt } from '../photographs/PhotographIt';
import { Findings } from './Findings';
import { HolesMap } from './HolesMap';
import type { Slot } from './ReadingGrid';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>(['check.seen', 'check.decided']);

/** Something ticked or looked over: hole by hole and step by step on the map, or a list. */
export function LookCheck({ view }: { view: CheckView }) {
  const { jobId, sheet, state, record } = useJob();
  const { last, undo } = useUndo(OWN_ACTS);
  const [chosen, setChosen] = useState<Slot | null>(null);
  const [notGood, setNotGood] = useState(false);
  const { check } = view;
  const onMap = check.kind === 'holes';
  // Step by step round all holes: nobody changes the tool at every hole.
  const slots = check.places.flatMap((place) => check.items.map((item) => ({ item, place })));
  const left = slots.filter(({ item, place }) => !isTaken(state.checks, check, item, place));
  const at = chosen ?? left[0] ?? null;
  const following = left.find((slot) => slot.item !== at?.item || slot.place !== at.place);
  const say = (found: 'good' | 'not-good', words?: string): Promise<string | null> =>
    record('check.seen', {
      check: check.id,
      item: at?.item ?? '',
      ...(at && at.place !== '' && { step: at.place }),
      found,
      ...(words && { words }),
    });
  const good = useOnce(async () => {
    if (at && (await say('good')) === null) setChosen(null);
  });
  useActKeys({ confirm: at && !notGood ? good : undefined, undo: last ? undo : undefined });
  const found = ({ item, place }: Slot) => seenOf(state.checks, check.id, item, place)?.found;
  const step = at?.place ?? check.places.at(-1) ?? '';
  const undoable = last?.type === 'check.seen' && last.data.check === check.id ? last : null;
  return (
    <CardFrame
      card="inspect"
      title={checkName(sheet, check)}
      aside={w.readOf(view.read, view.of)}
      back={
        <BackOfCard says={onMap ? [w.holesFirst, ...w.looksBack] : w.looksBack} acts={OWN_ACTS} />
      }
      foot={view.done ? <FootMark kind="within" word={w.allRead} /> : null}
      actBar={
        at ? (
          <ActBar
            undo={
              undoable
                ? { what: itemName(sheet, check, undoable.data.item).toLowerCase(), onPress: undo }
                : null
            }
            notSo={{ label: w.notGood, onPress: () => setNotGood(true) }}
            confirm={{
              label: onMap ? placeName(check, step) : w.good,
              hint: following && onMap ? w.next(itemName(sheet, check, following.item)) : undefined,
              onPress: good,
            }}
          />
        ) : (
          <Button
            label={w.toChecks}
            kind={view.undecided.length > 0 ? 'bench' : 'expected'}
            tall
            onPress={() => router.push(`/jobs/${jobId}/inspect`)}
          />
        )
      }
      slip={
        notGood && at ? (
          <WordsSlip
            title={itemName(sheet, check, at.item)}
            label={w.whatIsIt}
            need={w.needWhat}
            confirm={w.notGood}
            kind="stop"
            onWords={async (words) => {
              const problem = await say('not-good', words);
              if (problem === null) setChosen(null);
              return problem;
            }}
            onClose={() => setNotGood(false)}
          />
        ) : null
      }
    >
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
      {at ? (
        <View className="gap-1 border-t border-rule px-3.5 py-3" aria-live="polite">
          {onMap ? <Small>{w.holesFirst}</Small> : null}
          <Text
            className={cn(
              'font-head text-ink',
              onMap ? 'text-[40px] leading-[44px]' : 'text-[26px] leading-8',
            )}
            testID="act"
          >
            {itemName(sheet, check, at.item)}
          </Text>
        </View>
      ) : null}
      {onMap ? (
        <Steps
          steps={check.places.map((place) => ({
            place,
            name: placeName(check, place),
            done: check.items.filter((item) => found({ item, place })).length,
          }))}
          of={check.items.length}
          current={step}
          onChoose={(place) => {
            const open = check.items.find((item) => !found({ item, place }));
            setChosen({ item: open ?? check.items[0] ?? '', place });
          }}
        />
      ) : (
        check.items.map((item) => (
          <SeenRow
            key={item}
            name={itemName(sheet, check, item)}
            found={found({ item, place: '' })}
            here={item === at?.item}
            onPress={() => setChosen({ item, place: '' })}
          />
        ))
      )}
      <Findings view={view} />
      <View className="border-t border-rule px-3.5 py-2.5">
        <PhotographIt of={`check/${check.id}`} />
      </View>
    </CardFrame>
  );
}

interface StepsProps {
  readonly steps: readonly {
    readonly place: string;
    readonly name: string;
    readonly done: number;
  }[];
  readonly of: number;
  readonly current: string;
  readonly onChoose: (place: string) => void;
}

function Steps({ steps, of, current, onChoose }: StepsProps) {
  return (
    <View className="flex-row flex-wrap gap-2 border-t border-rule px-3.5 py-2.5">
      {steps.map(({ place, name, done }) => (
        <Button
          key={place}
          label={name}
          hint={`${done} of ${of}`}
          selected={place === current}
          onPress={() => onChoose(place)}
          className="min-w-[45%] flex-1"
        />
      ))}
    </View>
  );
}
