import { useState } from 'react';
import { z } from 'zod';
import type { CalculatorName } from '@cardinex/words/bench';

export type Values = Readonly<Record<string, string>>;

const KEY = 'cardinex.bench';
const keptSchema = z.record(z.string(), z.record(z.string(), z.string())).catch({});

function stored(): Readonly<Record<string, Values>> {
  try {
    return keptSchema.parse(JSON.parse(localStorage.getItem(KEY) ?? '{}'));
  } catch {
    return {};
  }
}

/**
 * What was typed into a calculator, as typed, remembered on this device.
 * @param starting what stands there the first time, and after clearing
 */
export function useBenchValues(name: CalculatorName, starting: Values) {
  const [values, setValues] = useState<Values>(() => ({ ...starting, ...stored()[name] }));
  const save = (next: Values): void => {
    setValues(next);
    try {
      localStorage.setItem(KEY, JSON.stringify({ ...stored(), [name]: next }));
    } catch {
      // No room: it stands until the page is closed.
    }
  };
  return {
    values,
    set: (key: string, text: string) => save({ ...values, [key]: text }),
    clear: () =>
      save(Object.fromEntries(Object.keys(values).map((key) => [key, starting[key] ?? '']))),
  };
}
