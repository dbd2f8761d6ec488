import { Redirect } from 'expo-router';
import type { PropsWithChildren } from 'react';
import { shared, signInWords } from '@cardinex/words/screens';
import { Notice } from '../ui/Notice';
import { NoStorage } from './NoStorage';
import { queryClient } from './queryClient';
import { useSessionState } from './SessionProvider';
import { useReadyOffline } from './useReadyOffline';

/** Shows its screen once someone is at the bench; else the way there. */
export function AtBench({ children }: PropsWithChildren) {
  const state = useSessionState();
  if (state === 'loading') return <Notice text={shared.loading} />;
  if (state === 'no-storage') return <NoStorage />;
  if (state === 'no-server') {
    return (
      <Notice
        text={signInWords.noServer}
        action={shared.tryAgain}
        onAction={() => void queryClient.refetchQueries()}
      />
    );
  }
  return state.member ? <Ready>{children}</Ready> : <Redirect href="/sign-in" />;
}

function Ready({ children }: PropsWithChildren) {
  useReadyOffline();
  return children;
}
