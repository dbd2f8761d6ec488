import { useState, type ComponentProps } from 'react';
import { Button } from '../../ui/Button';
import { WordsSlip } from './WordsSlip';

interface Props extends Omit<ComponentProps<typeof WordsSlip>, 'onClose'> {
  /** What the button says. */
  readonly button: string;
}

/** A button for what is said in a few words before it is done: the slip it opens asks for them. */
export function ReasonButton({ button, ...asked }: Props) {
  const [asking, setAsking] = useState(false);
  return (
    <>
      <Button label={button} onPress={() => setAsking(true)} />
      {asking ? <WordsSlip {...asked} onClose={() => setAsking(false)} /> : null}
    </>
  );
}
