import type { CheckDecision } from '@cardinex/core/job/facts/checks';
import { useState } from 'react';
import { View } from 'react-native';
import { canBeReworked, type CheckView, type ItemView } from '@cardinex/core/job/checks/view';
import { seenOf } from '@cardinex/core/job/checks/state';
import { afterCut, findingSentence, inspectWords as w } from '@cardinex/words/cards/inspect';
import { decisionDone, decisionNames, itemName } from '@cardinex/words/checkNames';
import { length } from '@cardinex/words/quantity';
import { useUnits } from '../../device/preferences';
import { useMemberName } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Mark } from '../../ui/Mark';
import { Body, Heading, Small } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';

/** What the readings come to, item by item; whatever is out first, with what is done about it. */
export function Findings({ view }: { view: CheckView }) {
  const described = view.judged.filter(({ verdict, finding }) => verdict !== 'unread' || finding);
  const sorted = [...described].sort(
    (a, b) => Number(b.verdict === 'out') - Number(a.verdict === 'out'),
  );
  if (sorted.length === 0) return null;
  return (
    <View className="gap-3 border-t border-rule px-3.5 py-2.5" testID="findings">
      {sorted.map((item) => (
        <Finding key={item.item} view={view} item={item} />
      ))}
    </View>
  );
}

function Finding({ view, item: found }: { view: CheckView; item: ItemView }) {
  const { sheet, state } = useJob();
  const units = useUnits();
  const nameOf = useMemberName();
  const { check } = view;
  const { item, verdict, finding, aboveNew, decided } = found;
  const words = check.places.flatMap((place) => {
    const seen = seenOf(state.checks, check.id, item, place);
    if (seen?.found !== 'not-good') return [];
    const { words: said, against } = seen;
    return [said, against && w.saidGood(nameOf(against.by))].filter((text) => text !== undefined);
  });
  // What was looked at and is good needs no more than its tick in the list.
  if (check.way === 'seen' && verdict !== 'out') return null;
  const mark = { out: 'out', within: 'within', 'no-limit': 'ahead', unread: 'ahead' } as const;
  return (
    <View className="gap-1.5 border-b border-rule pb-2.5">
      <View className="flex-row items-center justify-between gap-2">
        <Heading level={3}>{itemName(sheet, check, item)}</Heading>
        <Mark
          kind={mark[verdict]}
          word={
            { out: w.isOut, within: w.within, 'no-limit': w.noLimit, unread: w.unread }[verdict]
          }
        />
      </View>
      {finding ? <Body>{findingSentence(finding, units)}</Body> : null}
      {aboveNew ? (
        <Body>{w.aboveNew(length(aboveNew.mm, units), length(aboveNew.newMm, units))}</Body>
      ) : null}
      {words.map((text) => (
        <Body key={text}>{text}</Body>
      ))}
      {decided ? (
        <View className="gap-0.5">
          <Mark kind="within" word={decisionDone[decided.decision]} />
          <Small>{decided.words}</Small>
        </View>
      ) : null}
      {verdict === 'out' && !decided ? <Decide view={view} item={found} /> : null}
    </View>
  );
}

/** What is done about something that is out, with the reason. */
function Decide({ view: { check }, item: { item, finding } }: { view: CheckView; item: ItemView }) {
  const { sheet, record } = useJob();
  const [decision, setDecision] = useState<CheckDecision | null>(null);
  const reworkable = !finding || canBeReworked(finding);
  const name = itemName(sheet, check, item);
  const choices: readonly CheckDecision[] = [
    'replace',
    ...(reworkable ? ['rework' as const] : []),
    'keep',
  ];
  return (
    <View className="gap-2">
      {reworkable ? null : <Small>{w.onlyReplace}</Small>}
      <View className="flex-row flex-wrap gap-3">
        {choices.map((choice) => (
          <Button
            key={choice}
            label={decisionNames[choice]}
            name={`${name}: ${decisionNames[choice]}`}
            kind={choice === 'keep' ? 'stop' : 'card'}
            onPress={() => setDecision(choice)}
            className="min-w-[30%] flex-1"
          />
        ))}
      </View>
      {decision ? (
        <WordsSlip
          title={`${w.decideTitle(name)} ${decisionNames[decision]}.`}
          label={w.why}
          need={w.needWhy}
          confirm={decisionNames[decision]}
          kind={decision === 'keep' ? 'stop' : 'expected'}
          onWords={(words) => record('check.decided', { check: check.id, item, decision, words })}
          onClose={() => setDecision(null)}
        >
          {check.kind === 'flatness' && decision === 'rework' ? <Body>{afterCut}</Body> : null}
        </WordsSlip>
      ) : null}
    </View>
  );
}
