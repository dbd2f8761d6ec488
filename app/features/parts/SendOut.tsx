import type { Holds } from '@cardinex/core/job/facts/parts';
import { useState } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { entryTitle } from '@cardinex/words/cards/names';
import { partsWords as w } from '@cardinex/words/cards/parts';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { useRefusal } from '../../ui/Refusal';
import { Slip } from '../../ui/Slip';
import { SlipButtons } from '../../ui/SlipButtons';
import { useJob } from '../job/JobProvider';
import { useOnce } from '../job/useOnce';

const NOTHING = 'nothing';

/** Something sent to a machine shop or a tester, and what waits for it. */
export function SendOut({ onClose }: { onClose: () => void }) {
  const { tray, record } = useJob();
  const [what, setWhat] = useState('');
  const [to, setTo] = useState('');
  const [holds, setHolds] = useState(NOTHING);
  const [tried, setTried] = useState(false);
  const refusal = useRefusal();
  const cards = tray.flatMap((entry): readonly { key: string; label: string; holds: Holds }[] => {
    const { card, set } = entry;
    if (card !== 'liners' && card !== 'tighten' && card !== 'valves') return [];
    const held = set ? { card, set: set.id } : { card };
    return [{ key: `${card}/${set?.id ?? ''}`, label: entryTitle(entry, tray), holds: held }];
  });
  const send = useOnce(async () => {
    setTried(true);
    if (what.trim() === '') return refusal.say(w.needWhat);
    if (to.trim() === '') return refusal.say(w.needTo);
    const held = cards.find(({ key }) => key === holds)?.holds;
    const described = {
      work: uuidv7(),
      what: what.trim(),
      to: to.trim(),
      ...(held && { holds: held }),
    };
    if ((await record('work.sent', described)) === null) onClose();
  });
  return (
    <Slip
      title={w.send}
      onClose={onClose}
      foot={<SlipButtons confirm={w.sent} onConfirm={send} onClose={onClose} />}
    >
      <Field
        label={w.what}
        hint={w.whatHint}
        value={what}
        onChangeText={setWhat}
        faulty={tried && what.trim() === ''}
      />
      <Field label={w.to} value={to} onChangeText={setTo} faulty={tried && to.trim() === ''} />
      <Choice
        label={w.holds}
        value={holds}
        options={[
          ...cards.map(({ key, label }) => ({ value: key, label })),
          { value: NOTHING, label: w.holdsNothing },
        ]}
        onChange={setHolds}
      />
    </Slip>
  );
}
