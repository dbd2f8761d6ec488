/**
 * A title of ours as it stands within a sentence: English writes it small there. Never for what a sheet, a
 * leaflet or somebody wrote, whose language this is not.
 *
 * @example withinSentence('Recheck hot') // "recheck hot"
 * @example withinSentence('E3') // "E3"
 */
export function withinSentence(title: string): string {
  return /^[A-Z][a-z]/.test(title) ? title.charAt(0).toLowerCase() + title.slice(1) : title;
}
