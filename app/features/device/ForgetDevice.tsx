import { useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { AnsweredProblem } from '@cardinex/contract/client';
import { deviceWords as w } from '@cardinex/words/screens';
import { forgetDevice } from '../../device/forgetDevice';
import { queryClient } from '../../session/queryClient';
import { useBench } from '../../session/SessionProvider';
import { Button } from '../../ui/Button';
import { Body } from '../../ui/Words';
import { useOnce } from '../job/useOnce';

interface Props {
  /** Acts that have not gone out: they are lost with the device. */
  readonly kept: number;
}

/** Wipes this device before it is lent, sold or handed in; asked twice, for it cannot be undone. */
export function ForgetDevice({ kept }: Props) {
  const { ledgers } = useBench();
  const [asked, setAsked] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const wipe = useOnce(async () => {
    try {
      await forgetDevice();
    } catch (error) {
      return setFault(
        error instanceof AnsweredProblem ? error.problem.detail : w.forgetNeedsNetwork,
      );
    }
    ledgers.close();
    queryClient.clear();
    window.location.replace('/');
  });
  const slip = useRef<View>(null);
  // It is the last thing on its page: what is asked comes up below the edge of the screen.
  useEffect(() => {
    const element: unknown = slip.current;
    if (asked && element instanceof HTMLElement) element.scrollIntoView({ block: 'end' });
  }, [asked]);
  if (!asked) return <Button label={w.forget} onPress={() => setAsked(true)} />;
  return (
    <View className="gap-2" ref={slip}>
      <Body>{w.forgetWhat}</Body>
      {kept > 0 ? <Body className="text-red">{w.forgetKept(kept)}</Body> : null}
      {fault ? (
        <Body role="alert" className="text-red">
          {fault}
        </Body>
      ) : null}
      <Button label={w.forgetNow} kind="stop" onPress={wipe} />
      <Button label={w.forgetNot} onPress={() => setAsked(false)} />
    </View>
  );
}
