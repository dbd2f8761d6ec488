import { useMutation } from '@tanstack/react-query';
import type { Session, SignIn } from '@cardinex/contract/session/session';
import { client } from '@cardinex/contract/client';
import { queryClient } from './queryClient';

/**
 * Proves a member's PIN or passphrase on this device. The browser shows of itself which device it is,
 * so that it stays the same one after its session has ended.
 */
export function useSignIn(onSignedIn: (session: Session) => void) {
  return useMutation({
    mutationFn: (who: SignIn) => client.signIn(who),
    onSuccess: (session) => {
      queryClient.setQueryData(['session'], session);
      void queryClient.invalidateQueries({ queryKey: ['crew'] });
      onSignedIn(session);
    },
  });
}
