import type { BoltView, RunView } from '@cardinex/core/job/run/views';
import type { Prepared } from '@cardinex/core/job/facts/runs';
import { tightenScreen as w } from '@cardinex/words/cards/tighten';
import { useJob } from '../../job/JobProvider';
import { WordsSlip } from '../../job/WordsSlip';
import { NotSo, type Known } from '../NotSo';
import { Several } from './Several';

/** What a pull is answered with, where one press is not enough. */
export type PullSlip =
  /** It did not come out as asked; `known` where what was read already says which way. */
  | { readonly kind: 'not-so'; readonly known: Known | null }
  | { readonly kind: 'cut-short' }
  | { readonly kind: 'several' };

interface Props {
  readonly slip: PullSlip;
  readonly view: RunView;
  readonly bolt: BoltView;
  readonly number: string;
  readonly prepared: Prepared | null;
  /** Others may have been pulled with it. */
  readonly onSeveral: (() => void) | undefined;
  readonly onClose: () => void;
}

/** The slip laid over a run. */
export function RunSlip({ slip, view, bolt, number, prepared, onSeveral, onClose }: Props) {
  const { record } = useJob();
  switch (slip.kind) {
    case 'not-so':
      return (
        <NotSo
          view={view}
          bolt={bolt}
          number={number}
          known={slip.known}
          onSeveral={slip.known === null ? onSeveral : undefined}
          onClose={onClose}
        />
      );
    case 'cut-short':
      return (
        <WordsSlip
          title={w.cutShort}
          label={w.whyShort}
          confirm={w.cutShort}
          kind="stop"
          onWords={(words) =>
            record('step.done', { key: bolt.act.key, pass: bolt.nextPass, words })
          }
          onClose={onClose}
        />
      );
    case 'several':
      return prepared && <Several view={view} bolt={bolt} prepared={prepared} onClose={onClose} />;
  }
}
