import { useMutation } from '@tanstack/react-query';
import type { SignIn } from '@cardinex/contract/api';
import { client } from '@cardinex/contract/client';
import { getPreferences, setPreferences } from '../device/preferences';
import { queryClient } from './queryClient';

/**
 * Proves a member's PIN or passphrase on this device. The device says which one it was before, so
 * that it stays the same device after its session has ended.
 * @param instance the database's own id
 */
export function useSignIn(instance: string, onSignedIn: () => void) {
  return useMutation({
    mutationFn: (who: Omit<SignIn, 'device'>) => {
      const device = getPreferences().devices[instance];
      return client.signIn({ ...who, ...(device !== undefined && { device }) });
    },
    onSuccess: (session) => {
      const { devices } = getPreferences();
      setPreferences({ devices: { ...devices, [instance]: session.device } });
      queryClient.setQueryData(['session'], session);
      onSignedIn();
    },
  });
}
