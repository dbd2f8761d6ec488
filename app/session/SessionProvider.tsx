import {
  createContext,
  useContext,
  useEffect,
  useMemo,
  useState,
  type PropsWithChildren,
} from 'react';
import type { CrewMember, Instance, Session } from '@cardinex/contract/session/session';
import { Ledgers } from '../ledger/ledgers';
import type { Actor } from '../ledger/jobLedger';
import { usePreferences } from '../device/preferences';
import { useInstance, useSessionQuery } from './queries';

export interface AtTheBench {
  readonly instance: Instance;
  readonly session: Session | null;
  /** Whoever is at the bench now; null until someone has signed in. */
  readonly member: CrewMember | null;
  readonly ledgers: Ledgers;
}

type SessionState = AtTheBench | 'loading' | 'no-server' | 'no-storage';

const SessionContext = createContext<SessionState>('loading');

export function SessionProvider({ children }: PropsWithChildren) {
  const instance = useInstance();
  const session = useSessionQuery(instance.data !== undefined);
  const { member: memberId } = usePreferences();
  const ledgers = useLedgers(instance.data?.instance);
  const state = useMemo((): SessionState => {
    if (!instance.data) return instance.isError ? 'no-server' : 'loading';
    if (ledgers === 'no-storage') return ledgers;
    if (!ledgers || (session.data === undefined && !session.isError)) return 'loading';
    const known = session.data ?? null;
    const member = known?.crew.find((m) => m.id === memberId && known.proved[m.id]) ?? null;
    return { instance: instance.data, session: known, member, ledgers };
  }, [instance.data, instance.isError, session.data, session.isError, ledgers, memberId]);
  return <SessionContext.Provider value={state}>{children}</SessionContext.Provider>;
}

/** Null until they are open; a browser that keeps nothing here is said, not waited for. */
function useLedgers(instance: string | undefined): Ledgers | 'no-storage' | null {
  const [ledgers, setLedgers] = useState<Ledgers | 'no-storage' | null>(null);
  useEffect(() => {
    if (instance === undefined) return undefined;
    let open: Ledgers | null = null;
    let left = false;
    void Ledgers.open(instance).then(
      (opened) => {
        if (left) return opened.close();
        open = opened;
        setLedgers(opened);
      },
      () => {
        if (!left) setLedgers('no-storage');
      },
    );
    return () => {
      left = true;
      open?.close();
      setLedgers(null);
    };
  }, [instance]);
  return ledgers;
}

export function useSessionState(): SessionState {
  return useContext(SessionContext);
}

/** The session on a screen that is only reached with someone at the bench. */
export function useBench(): AtTheBench & {
  readonly session: Session;
  readonly member: CrewMember;
} {
  const state = useContext(SessionContext);
  if (typeof state === 'string' || !state.session || !state.member) {
    throw new Error('nobody is at the bench');
  }
  return { ...state, session: state.session, member: state.member };
}

/** Whoever is at the bench, as the one who acts. */
export function useActor(): Actor {
  const { session, member } = useBench();
  const { unproved } = usePreferences();
  return {
    id: member.id,
    role: member.role,
    device: session.device,
    unproved,
    provedAt: session.proved[member.id],
  };
}

/** A member's name, or "someone" for one this device has never heard of. */
export function useMemberName(): (id: string) => string {
  const { session } = useBench();
  return (id) => session.crew.find((m) => m.id === id)?.name ?? 'someone';
}
