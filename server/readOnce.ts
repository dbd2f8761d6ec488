interface Kept<Value> {
  get(key: string): Promise<Value> | undefined;
  set(key: string, value: Promise<Value>): unknown;
  delete(key: string): unknown;
}

/** What is kept under a key, or what is read for it now; what could not be read is not kept. */
export function readOnce<Value>(
  stored: Kept<Value>,
  key: string,
  read: () => Promise<Value>,
): Promise<Value> {
  const known = stored.get(key);
  if (known) return known;
  const found = read();
  stored.set(key, found);
  found.catch(() => stored.delete(key));
  return found;
}
