import type { TrayCard } from '@cardinex/core/job/standing';
import { trayReasonSentence } from '@cardinex/words/tray';
import { Mark } from '../../ui/Mark';
import { ago } from '../board/ago';

/** What is to be done about a bead that lies open, and by when. */
export function BeadMark({ entry }: { readonly entry: TrayCard }) {
  return (
    <Mark
      kind={entry.needsAttention ? 'out' : 'waiting'}
      word={trayReasonSentence(entry.reason, ago)}
    />
  );
}
