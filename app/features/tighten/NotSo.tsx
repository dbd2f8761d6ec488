import { useState } from 'react';
import type { BoltView } from '@cardinex/core/job/cards/tighten';
import type { BoltFault } from '@cardinex/core/job/act';
import { tightenScreen as w } from '@cardinex/words/en/cards/tighten';
import { Button } from '../../ui/Button';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';

interface Props {
  readonly bolt: BoltView;
  readonly number: string;
  readonly onClose: () => void;
}

const FAULTS: readonly {
  readonly fault: BoltFault;
  readonly label: string;
  readonly hint: string;
}[] = [
  { fault: 'did-not-reach', label: w.didNotReach, hint: w.didNotReachHint },
  { fault: 'slipped', label: w.slipped, hint: w.slippedHint },
];

/** A pull that did not come out as expected: which way, and a word of explanation. */
export function NotSo({ bolt, number, onClose }: Props) {
  const { record } = useJob();
  const [fault, setFault] = useState<BoltFault | null>(null);
  const { key } = bolt.act;
  const keep = async (words: string): Promise<string | null> =>
    fault && record('bolt.failed', { key, pass: bolt.nextPass, fault, words });
  return (
    <WordsSlip
      title={w.whatHappened(number)}
      label={w.inWords}
      hint={w.wordsHint}
      confirm={w.keepFault}
      disabled={fault === null}
      onWords={keep}
      onClose={onClose}
    >
      {FAULTS.map((choice) => (
        <Button
          key={choice.fault}
          label={choice.label}
          hint={choice.hint}
          tall
          selected={fault === choice.fault}
          onPress={() => setFault(choice.fault)}
        />
      ))}
    </WordsSlip>
  );
}
