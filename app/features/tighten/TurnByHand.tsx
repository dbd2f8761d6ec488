import type { CapTurn, RunView } from '@cardinex/core/job/run/views';
import { useState, type ReactNode } from 'react';
import { Text, View } from 'react-native';
import { runCard } from '@cardinex/core/job/run/runCard';
import { capsOf } from '@cardinex/core/job/run/turns';
import { turnWords as w } from '@cardinex/words/cards/buildSteps';
import { listed } from '@cardinex/words/quantity';
import { Mark } from '../../ui/Mark';
import { Body } from '../../ui/Words';
import { HeldNotice } from '../checks/HeldNotice';
import { useHolds } from '../checks/useHolds';
import type { PartStanding } from '@cardinex/drawings/crank/standing';
import { CrankDrawing } from '../crank/CrankDrawing';
import { CardFrame } from '../job/CardFrame';
import { EndMark } from '../job/EndMark';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useOnce } from '../job/useOnce';
import { WordsSlip } from '../job/WordsSlip';
import { TIGHTEN_ACTS } from './ownActs';

interface Props {
  readonly view: RunView;
  readonly turn: CapTurn;
  readonly instances: ReactNode;
}

/** After each cap the crank is turned by hand: one that binds is found before the next is on. */
export function TurnByHand({ view, turn, instances }: Props) {
  const { sheet, record } = useJob();
  const [binding, setBinding] = useState(false);
  const { set, name: run } = view;
  const { stage, fasteners } = turn;
  const { undo, frame } = useCard({
    ...runCard(run, sheet),
    acts: TIGHTEN_ACTS,
    says: [w.says, w.bindsSays],
    done: false,
  });
  const numbers = fasteners.map((id) => set.fasteners.find((f) => f.id === id)?.number ?? id);
  const bolts = listed(numbers);
  const held = useHolds(true);
  const say = (found: 'free' | 'binds', words?: string): Promise<string | null> =>
    record('cap.turned', { run, stage, fasteners, found, ...(words && { words }) });
  const free = useOnce(() => say('free'));
  return (
    <CardFrame
      {...frame}
      title={set.name}
      acts={
        held
          ? null
          : {
              undo,
              notSo: { label: w.binds, onPress: () => setBinding(true) },
              confirm: { label: w.free, onPress: free },
            }
      }
      slip={
        binding ? (
          <WordsSlip
            title={w.bindsTitle(bolts)}
            label={w.what}
            confirm={w.binds}
            kind="stop"
            onWords={(words) => say('binds', words)}
            onClose={() => setBinding(false)}
          >
            <Body>{w.bindsSays}</Body>
          </WordsSlip>
        ) : null
      }
    >
      {instances}
      {held ? (
        <>
          <View className="px-3.5 pt-2.5">
            <Mark kind="barred" word={w.heldBy} />
          </View>
          <HeldNotice by={held} />
        </>
      ) : null}
      <View className="px-3 pt-2">
        <EndMark end={sheet.cylinder1End} />
        <Caps view={view} turn={turn} bolts={bolts} />
      </View>
      <View className="gap-1.5 border-t border-rule px-3.5 py-3" aria-live="polite">
        <Text className="font-head text-count text-ink" testID="act">
          {w.title}
        </Text>
        <Body className="font-strong">{w.after(bolts)}</Body>
        <Body>{w.says}</Body>
        <Body className="text-red">{w.caution}</Body>
      </View>
    </CardFrame>
  );
}

/** The crank with the caps pulled so far in this stage, and the one the turn is about. */
function Caps({ view, turn, bolts }: Omit<Props, 'instances'> & { bolts: string }) {
  const { sheet } = useJob();
  const { set, stages, name } = view;
  const bolted = stages.find(({ key }) => key === turn.stage)?.bolts ?? [];
  const pulled = new Set(
    bolted.filter(({ status }) => status === 'done').map(({ act }) => act.fastener),
  );
  const throws = Math.max(...sheet.layout.banks.map(({ cylinders }) => cylinders.length));
  const along = (ids: readonly string[]): number =>
    Math.min(...set.fasteners.filter(({ id }) => ids.includes(id)).map(({ xMm }) => xMm));
  const caps = [
    ...capsOf(
      set,
      set.fasteners.map(({ id }) => id),
    ),
  ].sort((a, b) => along(a) - along(b));
  const several = set.instances.length > 1;
  const ofRods = set.kind === 'rod-caps';
  const throwOf =
    Math.max(
      ...sheet.layout.banks.map(({ cylinders }) => cylinders.indexOf(Number(name.instance))),
    ) + 1;
  const standing = (nth: number): PartStanding => {
    if (ofRods) return nth === throwOf ? 'now' : 'open';
    if (several) return set.instances[nth - 1] === name.instance ? 'now' : 'open';
    const cap = caps[nth - 1] ?? [];
    if (cap.every((id) => turn.fasteners.includes(id))) return 'now';
    return cap.length > 0 && cap.every((id) => pulled.has(id)) ? 'done' : 'open';
  };
  return (
    <CrankDrawing
      mains={ofRods ? throws + 1 : several ? set.instances.length : caps.length}
      {...(ofRods ? { throwStanding: standing } : { capStanding: standing })}
      said={w.after(bolts)}
    />
  );
}
