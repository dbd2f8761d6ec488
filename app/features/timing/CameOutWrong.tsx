import { timingWords as w } from '@cardinex/words/cards/timing';
import { Marked } from '../../ui/Marked';
import { Body, Small } from '../../ui/Words';

/** What did not come out, what follows from it, and what was said of it. */
export function CameOutWrong({ what, said }: { readonly what: string; readonly said: string }) {
  return (
    <Marked kind="out" className="border-t border-rule bg-tab px-3.5 py-2.5" role="alert">
      <Body className="font-strong">{what}</Body>
      <Small>{w.failedWhy(said)}</Small>
    </Marked>
  );
}
