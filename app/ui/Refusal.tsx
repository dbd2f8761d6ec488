import {
  createContext,
  useCallback,
  useContext,
  useMemo,
  useState,
  type PropsWithChildren,
} from 'react';
import { View } from 'react-native';
import { Mark } from './Mark';
import { signal } from './signal';
import { Body } from './Words';

interface Refusals {
  /** Why what was last pressed was not done and what to do; null while there is nothing to say. */
  readonly text: string | null;
  /** How often something was refused: the same words once more are said once more. */
  readonly count: number;
  /** Says why, for eyes, ears and hands. */
  readonly say: (text: string) => void;
  readonly clear: () => void;
  /** How many slips lie over the card: what is refused is said on the upper one alone. */
  readonly slips: number;
  /** A slip is laid over the card; returns its taking away. Neither is what was refused said beyond it. */
  readonly lay: () => () => void;
}

const NOTHING: Refusals = {
  text: null,
  count: 0,
  say: () => undefined,
  clear: () => undefined,
  slips: 0,
  lay: () => () => undefined,
};

const RefusalContext = createContext<Refusals>(NOTHING);

/** Remembers what was refused until something else is done; a slip or an act bar inside says it. */
export function RefusalProvider({ children }: PropsWithChildren) {
  const [{ text, count }, setSaid] = useState({ text: null as string | null, count: 0 });
  const say = useCallback((words: string) => {
    signal('refused');
    setSaid((before) => ({ text: words, count: before.count + 1 }));
  }, []);
  const clear = useCallback(
    () => setSaid((before) => (before.text === null ? before : { ...before, text: null })),
    [],
  );
  const [slips, setSlips] = useState(0);
  const lay = useCallback(() => {
    clear();
    setSlips((before) => before + 1);
    return () => {
      clear();
      setSlips((before) => before - 1);
    };
  }, [clear]);
  const refusals = useMemo(
    () => ({ text, count, say, clear, slips, lay }),
    [text, count, say, clear, slips, lay],
  );
  return <RefusalContext.Provider value={refusals}>{children}</RefusalContext.Provider>;
}

export function useRefusal(): Refusals {
  return useContext(RefusalContext);
}

/** The line right above the button that was pressed: why it was not done. Announced. */
export function RefusalLine({ onSlip = false }: { readonly onSlip?: boolean }) {
  const { text, count, slips } = useRefusal();
  if (text === null || (slips > 0 && !onSlip)) return null;
  return (
    <View
      key={count}
      role="alert"
      testID="refusal"
      className="flex-row items-start gap-2 rounded-lg border-2 border-red bg-card p-2.5"
    >
      <View className="pt-0.5">
        <Mark kind="out" />
      </View>
      <Body className="flex-1 font-strong">{text}</Body>
    </View>
  );
}
