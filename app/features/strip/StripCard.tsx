import { useState } from 'react';
import type { ActType } from '@cardinex/core/job/act';
import { actsOf } from '@cardinex/core/job/actsOf';
import {
  offGroups,
  offStep,
  oldBoltsOf,
  stripNext,
  type OffGroup,
  type OffStep,
} from '@cardinex/core/job/cards/strip/view';
import { linersLoose } from '@cardinex/core/job/linersLoose';
import { stripWords as w } from '@cardinex/words/cards/strip';
import { CardFrame } from '../job/CardFrame';
import { FootMark } from '../job/FootMark';
import { LeaveOut } from '../job/LeaveOut';
import { useJob } from '../job/JobProvider';
import { useCard } from '../job/useCard';
import { useEntry } from '../job/useEntry';
import { ClampLiners } from './ClampLiners';
import { OldBolts } from './OldBolts';
import { OffPiece } from './OffPiece';
import { StackNow } from './StackNow';
import { useSlackening } from './useSlackening';

const OWN_ACTS: ReadonlySet<ActType> = new Set<ActType>([
  ...actsOf('pieces', 'runs', 'oldBolts', 'marks'),
]);

/** Taken off piece by piece, in the order that its assembly gives; then the old bolts counted. */
export function StripCard() {
  const { sheet, state, now } = useJob();
  const [chosen, setChosen] = useState<OffGroup | null>(null);
  const { onSlacken, screenOf } = useSlackening('strip', <LeaveOut card="strip" />);
  const { entry, blockedScreen } = useEntry({ card: 'strip' });
  const done = entry?.status === 'done';
  const { frame, undo } = useCard({ card: 'strip', acts: OWN_ACTS, says: w.back, done });
  if (blockedScreen) return blockedScreen;
  const inHand = handOn(chosen && { group: chosen, step: offStep(sheet, state, now, chosen) });
  const next = inHand ?? stripNext(sheet, state, now);
  if (!next)
    return (
      <CardFrame {...frame} foot={done ? <FootMark kind="within" word={w.done} /> : null}>
        {linersLoose(sheet, state) ? <ClampLiners /> : null}
        <OldBolts bolts={oldBoltsOf(sheet)} />
        <StackNow inHand={null} onChoose={() => undefined} />
        <LeaveOut card="strip" />
      </CardFrame>
    );
  const { group, step } = next;
  const groups = offGroups(sheet);
  const slackening = screenOf(step);
  if (slackening) return slackening;
  return (
    <OffPiece
      key={`${group.piece.id} ${step.kind}`}
      group={group}
      step={step}
      frame={frame}
      undo={undo}
      aside={w.counts(groups.indexOf(group) + 1, groups.length)}
      onSlacken={onSlacken}
      foot={
        <>
          <StackNow inHand={inHandOf(group, step)} onChoose={setChosen} />
          <LeaveOut card="strip" />
        </>
      }
    />
  );
}

/** What the picture of the engine shows in hand. */
function inHandOf(group: OffGroup, step: OffStep) {
  return { group, instances: 'instances' in step ? step.instances : group.instances };
}

/** What was chosen, until it is all off. */
function handOn(
  chosen: { readonly group: OffGroup; readonly step: OffStep | null } | null,
): { readonly group: OffGroup; readonly step: OffStep } | null {
  return chosen?.step ? { group: chosen.group, step: chosen.step } : null;
}
