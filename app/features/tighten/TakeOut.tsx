import type { RunView } from '@cardinex/core/job/run/views';
import { useState } from 'react';
import { numberOf } from '@cardinex/core/job/run/runView';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { Button } from '../../ui/Button';
import { Body } from '../../ui/Words';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';
import { HeadMap } from './HeadMap';

/** One fastener that has to come out again, for a bracket or a leak: chosen on the map, with its reason. */
export function TakeOut({ view, onClose }: { view: RunView; onClose: () => void }) {
  const { record } = useJob();
  const [fastener, setFastener] = useState<string | null>(null);
  const [renewed, setRenewed] = useState(false);
  const bolts = view.stages.findLast((stage) => 'order' in stage.stage)?.bolts ?? [];
  const chosen = view.set.fasteners.find(({ id }) => id === fastener);
  const group = chosen && groupOf(view.set, chosen);
  const spent = group?.stretch === true && group.uses === 'one';
  return (
    <WordsSlip
      title={chosen ? w.takeOutOf(chosen.number) : w.takeOut}
      label={w.takeOutWhich}
      confirm={w.takeOut}
      kind="stop"
      disabled={fastener === null || (spent && !renewed)}
      onWords={(words) =>
        record('bolt.taken-out', {
          run: view.name,
          fastener: fastener ?? '',
          words,
          ...(spent && { renewed: true }),
        })
      }
      onClose={onClose}
    >
      <Body>{w.takeOutSays}</Body>
      <HeadMap
        set={view.set}
        bolts={bolts.map((bolt) => ({ id: bolt.act.fastener, status: bolt.status }))}
        currentId={fastener}
        nextId={null}
        label={w.mapLabel(
          bolts.map((bolt) => numberOf(view, bolt)),
          chosen?.number ?? null,
        )}
        onPress={setFastener}
      />
      {spent ? (
        <>
          <Body>{w.needRenewed}</Body>
          <Button label={w.renewed} selected={renewed} onPress={() => setRenewed(!renewed)} />
        </>
      ) : null}
    </WordsSlip>
  );
}
