/** A search over a list. */
export const searchWords = {
  label: 'Search',
  none: (search: string) => `Nothing here has “${search}” in it.`,
  clear: 'Show all',
  engines: 'Search: name, serial, sheet',
  sheets: 'Search: engine, family',
  tools: 'Search: tool, range',
  calculators: 'Search: what you want to know',
} as const;
