import { useState, type ReactNode } from 'react';
import { Text, View } from 'react-native';
import { PIECE_CONDITIONS, type PieceCondition } from '@cardinex/core/job/facts/pieces';
import { RACKED } from '@cardinex/core/job/facts/marks';
import type { Mark as PartMark } from '@cardinex/core/job/cards/mark/view';
import type { OffGroup, OffStep } from '@cardinex/core/job/cards/strip/view';
import { linersLoose } from '@cardinex/core/job/linersLoose';
import { runKey } from '@cardinex/core/job/run/runKey';
import { hasWetLiners } from '@cardinex/core/job/scope';
import { attitudeWords } from '@cardinex/words/attitude';
import { markName, markNotOn, markPlace, markUp } from '@cardinex/words/cards/mark';
import {
  conditionName,
  easeSentence,
  liftsWith,
  offLines,
  offName,
  offWhy,
  stillOn,
  stripWords as w,
} from '@cardinex/words/cards/strip';
import { Mark } from '../../ui/Mark';
import { useRefusal } from '../../ui/Refusal';
import { Body, Heading, Small } from '../../ui/Words';
import type { CardActs } from '../job/ActBar';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import type { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';
import { WordsSlip } from '../job/WordsSlip';
import { PhotographIt } from '../photographs/PhotographIt';
import { TurnOverSlip } from '../attitude/TurnOverSlip';
import { AsItStands } from './AsItStands';
import { ClampLiners } from './ClampLiners';

interface Props {
  readonly group: OffGroup;
  readonly step: OffStep;
  readonly frame: ReturnType<typeof useCard>['frame'];
  readonly undo: CardActs['undo'];
  /** Beside the title: how far all of it is. */
  readonly aside: string;
  readonly onSlacken: (run: string) => void;
  /** At the foot of the card, below everything else. */
  readonly foot?: ReactNode;
}

/** One piece, or a row of a kind, on its way off: marked, eased, slackened, then off. */
export function OffPiece({ group, step, frame, undo, aside, onSlacken, foot }: Props) {
  const { sheet, state } = useJob();
  const [asking, setAsking] = useState<PieceCondition | null>(null);
  const [turning, setTurning] = useState(false);
  const instances = 'instances' in step ? step.instances : group.instances;
  const { name, places } = offName(sheet, group, instances);
  const withIt = liftsWith(sheet, instances);
  const acts = useStepActs({
    step,
    onSlacken,
    onAsk: setAsking,
    onTurn: () => setTurning(true),
  });
  const isLast = step.kind === 'off';
  return (
    <CardFrame
      {...frame}
      aside={aside}
      acts={
        acts.confirm && {
          undo,
          confirm: acts.confirm,
          ...(isLast && {
            choices: {
              label: w.found(acts.confirm.label),
              of: PIECE_CONDITIONS.map((found) => ({
                label: conditionName(found),
                onPress: () => acts.found(found),
              })),
            },
          }),
        }
      }
      slip={
        asking ? (
          <WordsSlip
            title={w.offTitle(name)}
            label={w.whatIsIt}
            hint={w.whatHint}
            confirm={acts.confirm?.label ?? w.isOff}
            onWords={(words) => acts.off(asking, words)}
            onClose={() => setAsking(null)}
          />
        ) : turning && step.kind === 'turn-over' ? (
          <TurnOverSlip to={step.to} onClose={() => setTurning(false)} />
        ) : null
      }
    >
      <View className="gap-1 px-3.5 py-3" aria-live="polite">
        <Text className="font-head text-big text-ink" testID="act">
          {name}
        </Text>
        {places === '' ? null : <Body className="font-strong">{w.inHand(places)}</Body>}
        <Why group={group} />
        {withIt === null ? null : <Body className="font-strong">{withIt}</Body>}
        {offLines(group).map((line) => (
          <Body key={line}>{line}</Body>
        ))}
        {group.piece.kind === 'head' ? (
          <Caution words={hasWetLiners(sheet) ? w.wetOff : w.dryOff} />
        ) : null}
      </View>
      {linersLoose(sheet, state) && group.piece.kind !== 'liner' ? (
        <View className="px-2.5 pb-3">
          <ClampLiners />
        </View>
      ) : null}
      {step.kind === 'unclamp' ? <Caution words={w.unclamp} /> : null}
      <Ask step={step} />
      {isLast ? (
        <View className="px-3.5 pb-3">
          <PhotographIt of={`piece/${instances[0] ?? ''}`} />
        </View>
      ) : null}
      {foot}
    </CardFrame>
  );
}

function Why({ group }: Pick<Props, 'group'>) {
  const { sheet } = useJob();
  const why = offWhy(sheet, group);
  return why === null ? null : <Small>{why}</Small>;
}

function Caution({ words }: { readonly words: string }) {
  return (
    <View className="flex-row gap-2 px-3.5 py-1">
      <Mark kind="out" />
      <Body className="flex-1">{words}</Body>
    </View>
  );
}

/** What is asked before it is off. */
function Ask({ step }: Pick<Props, 'step'>) {
  const { sheet } = useJob();
  switch (step.kind) {
    case 'mark':
      return <Marks marks={inHandMarks(step.marks)} />;
    case 'ease':
      return (
        <View className="gap-1 border-t border-rule px-3.5 py-3" testID="ease">
          <Heading level={3}>{w.easeFirst}</Heading>
          <Body>{easeSentence(sheet, step)}</Body>
        </View>
      );
    case 'wait':
      return (
        <View className="border-t border-rule px-3.5 py-3" testID="still-on">
          <Mark kind="waiting" word={stillOn(sheet, step.pieces)} />
        </View>
      );
    case 'turn-over':
      return (
        <View className="gap-3 border-t border-rule px-3.5 py-3" testID="turn-over">
          <Body className="font-strong">{attitudeWords.first(step.to)}</Body>
          <AsItStands to={step.to} />
        </View>
      );
    case 'held':
    case 'unclamp':
    case 'slacken':
    case 'off':
      return null;
  }
}

/** The first, with all of its kind where they are told apart by their place in a rack. */
function inHandMarks(marks: readonly PartMark[]): readonly PartMark[] {
  const [first] = marks;
  if (!first) return [];
  return RACKED.includes(first.kind) ? marks.filter(({ kind }) => kind === first.kind) : [first];
}

function Marks({ marks }: { readonly marks: readonly PartMark[] }) {
  const [first] = marks;
  if (!first) return null;
  const racked = RACKED.includes(first.kind);
  return (
    <View className="gap-1.5 border-t border-rule px-3.5 py-3">
      <Heading level={3}>{w.marksFirst}</Heading>
      <Text className={`font-head text-ink ${racked ? 'text-title' : 'text-figure'}`} testID="code">
        {marks.map(({ code }) => code).join(' · ')}
      </Text>
      {racked ? (
        <Body>{w.laidWhy}</Body>
      ) : (
        <Body>
          {[markName(first), markPlace(first.place), markUp(first.kind)].filter(Boolean).join('. ')}
        </Body>
      )}
      <Small>{markNotOn(first.kind)}</Small>
      {racked ? null : <PhotographIt of={`mark/${first.id}`} />}
    </View>
  );
}

interface StepActs {
  /** Null where nothing can be done about it here. */
  readonly confirm: CardActs['confirm'] | null;
  /** It is off, and was found so: what is worn or damaged is said first. */
  readonly found: (found: PieceCondition) => void;
  /** Says it is off, with what is wrong. */
  readonly off: (found: PieceCondition, words?: string) => Promise<string | null>;
}

/** What the large button does at each step. */
function useStepActs({
  step,
  onSlacken,
  onAsk,
  onTurn,
}: {
  readonly step: OffStep;
  readonly onSlacken: (run: string) => void;
  readonly onAsk: (found: PieceCondition) => void;
  readonly onTurn: () => void;
}): StepActs {
  const { record } = useJob();
  const refusal = useRefusal();
  const off = (found: PieceCondition, words?: string): Promise<string | null> =>
    step.kind === 'off'
      ? record('piece.off', { pieces: step.instances, found, ...(words && { words }) })
      : Promise.resolve(null);
  const press = useOnce(async () => {
    switch (step.kind) {
      case 'mark': {
        const marks = inHandMarks(step.marks).map(({ id: mark, kind, code, place }) => ({
          mark,
          kind,
          code,
          place,
        }));
        const [first] = marks;
        if (!first) return;
        if (RACKED.includes(first.kind)) await record('marks.racked', { marks });
        else await record('mark.made', first);
        return;
      }
      case 'ease':
        await record('piece.eased', { piece: step.piece, off: step.off });
        return;
      case 'unclamp':
        await record('temporary-part.taken-out', { part: step.part.id });
        return;
      case 'turn-over':
        onTurn();
        return;
      case 'slacken':
        onSlacken(runKey(step.run.name));
        return;
      case 'off':
        return refusal.say(w.foundFirst);
      case 'wait':
      case 'held':
        return;
    }
  });
  const found = useOnce(async (how: PieceCondition) => {
    if (how === 'worn' || how === 'damaged') return onAsk(how);
    await off(how);
  });
  const label = labelOf(step);
  return { confirm: label === null ? null : { label, onPress: press }, found, off };
}

function labelOf(step: OffStep): string | null {
  switch (step.kind) {
    case 'mark':
      return step.marks[0] && RACKED.includes(step.marks[0].kind) ? w.laid : w.marked;
    case 'ease':
      return w.eased;
    case 'unclamp':
      return w.takenOut(step.part.what);
    case 'turn-over':
      return attitudeWords.turn(step.to);
    case 'slacken':
      return w.slacken(step.run.set.name);
    case 'off':
      return step.instances.length > 1 ? w.areOff : w.isOff;
    case 'wait':
    case 'held':
      return null;
  }
}
