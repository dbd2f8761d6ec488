interface Kept<Value> {
  get(key: string): Promise<Value> | undefined;
  set(key: string, value: Promise<Value>): unknown;
  delete(key: string): unknown;
}

/** What is kept under a key, or what is read for it now; what could not be read is not kept. */
export function readOnce<Value>(
  kept: Kept<Value>,
  key: string,
  read: () => Promise<Value>,
): Promise<Value> {
  const known = kept.get(key);
  if (known) return known;
  const found = read();
  kept.set(key, found);
  found.catch(() => kept.delete(key));
  return found;
}
