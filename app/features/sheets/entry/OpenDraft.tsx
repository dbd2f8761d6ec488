import { DraftProvider } from './DraftContext';
import { DraftPage } from './DraftPage';

/** A draft with the part of it in hand. */
export function OpenDraft({ id, step }: { id: string; step: string | undefined }) {
  return (
    <DraftProvider key={id} id={id}>
      <DraftPage key={step ?? ''} step={step} />
    </DraftProvider>
  );
}
