/** What is said when a sheet is published or refused. */
export const publishWords = {
  faults: (at: string, sentence: string) => `${at || 'The document'}: ${sentence}`,
  taken: (newest: number) =>
    `That revision is published with other figures, and a published revision never changes. Publish this as revision ${newest + 1}.`,
  needNote: 'Say in a few words what changes with this revision.',
} as const;
