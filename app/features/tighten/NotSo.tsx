import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import type { BoltFault } from '@cardinex/core/job/facts/run';
import { useState } from 'react';
import { adviceFor, faultsOf } from '@cardinex/core/job/run/advice';
import { groupOf } from '@cardinex/core/sheet/programmeOf';
import type { TraceSample, TraceVerdict } from '@cardinex/core/tightening/traceVerdict';
import { adviceSentence, tightenScreen as w } from '@cardinex/words/cards/tighten';
import { FAULT_HINTS, faultName } from '@cardinex/words/boltFaults';
import { Button } from '../../ui/Button';
import { Body } from '../../ui/Words';
import { TraceDrawing } from '../clamp/TraceDrawing';
import { useJob } from '../job/JobProvider';
import { WordsSlip } from '../job/WordsSlip';

/** What is known of it already: from a reading that missed, or a trace. */
export interface Known {
  readonly fault?: BoltFault;
  readonly says: string;
  /** Of the pull that missed, where its shape was judged. */
  readonly trace?: { readonly samples: readonly TraceSample[]; readonly found: TraceVerdict };
}

interface Props {
  readonly view: RunView;
  readonly bolt: BoltView;
  readonly number: string;
  readonly known: Known | null;
  /** It is not this one alone: several were pulled before anybody could tap. */
  readonly onSeveral?: (() => void) | undefined;
  readonly onClose: () => void;
}

/** A pull that did not come out as expected: which way, what to do now, and a word of explanation. */
export function NotSo({ view, bolt, number, known, onSeveral, onClose }: Props) {
  const { record } = useJob();
  const [fault, setFault] = useState<BoltFault | null>(known?.fault ?? null);
  const { key, kind } = bolt.act;
  const save = async (words: string): Promise<string | null> =>
    fault && record('bolt.failed', { key, pass: bolt.nextPass, fault, words });
  return (
    <WordsSlip
      title={w.whatHappened(number)}
      label={w.inWords}
      hint={w.wordsHint}
      starting={known?.says ?? ''}
      confirm={w.keepFault}
      disabled={fault === null}
      onWords={save}
      onClose={onClose}
    >
      {known?.trace ? <TraceDrawing {...known.trace} /> : null}
      {faultsOf(kind).map((entry) => (
        <Button
          key={entry}
          label={faultName(entry)}
          hint={FAULT_HINTS[entry]}
          selected={fault === entry}
          onPress={() => setFault(entry)}
        />
      ))}
      {onSeveral ? (
        <Button label={w.severalPulled} hint={w.severalHint} onPress={onSeveral} />
      ) : null}
      {fault ? <Body className="font-strong">{adviceOf(view, bolt, fault)}</Body> : null}
    </WordsSlip>
  );
}

/** What to do now, for this kind of fastener and pull. */
export function adviceOf(view: RunView, { act }: BoltView, fault: BoltFault): string {
  const fastener = view.set.fasteners.find(({ id }) => id === act.fastener);
  const group = fastener && groupOf(view.set, fastener);
  const turned = view.stages.some(({ bolts }) =>
    bolts.some(
      (bolt) =>
        bolt.act.fastener === act.fastener && bolt.act.kind === 'angle' && bolt.attempts.length > 0,
    ),
  );
  return adviceSentence(adviceFor(fault, group, { kind: act.kind, turned }));
}
