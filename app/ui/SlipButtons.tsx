import { shared } from '@cardinex/words/screens';
import { Button } from './Button';
import { BarRow } from './BarRow';

interface Props {
  readonly confirm: string;
  readonly kind?: 'expected' | 'stop';
  readonly disabled?: boolean;
  readonly onConfirm: () => void;
  readonly onClose: () => void;
}

/** The foot of a slip: back, and what it was laid there for. */
export function SlipButtons({
  confirm,
  kind = 'expected',
  disabled = false,
  onConfirm,
  onClose,
}: Props) {
  return (
    <BarRow>
      <Button label={shared.back} tall onPress={onClose} className="flex-1" />
      <Button
        label={confirm}
        kind={kind}
        tall
        disabled={disabled}
        onPress={onConfirm}
        className="min-w-[8rem] flex-[2]"
      />
    </BarRow>
  );
}
