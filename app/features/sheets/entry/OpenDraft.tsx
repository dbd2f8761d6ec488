import { DraftProvider } from './DraftContext';
import { DraftPage } from './DraftPage';

interface Props {
  readonly id: string;
  readonly step: string | undefined;
  /** The field to go to. */
  readonly at: string | undefined;
}

/** A draft with the part of it in hand. */
export function OpenDraft({ id, step, at }: Props) {
  return (
    <DraftProvider key={id} id={id}>
      <DraftPage key={step ?? ''} step={step} at={at} />
    </DraftProvider>
  );
}
