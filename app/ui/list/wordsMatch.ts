/** Letters without their accents and in one case: "Küche" is found by "kuche". */
function plain(text: string): string {
  return text.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase();
}

/**
 * Does a text answer a search? Each word of the search stands somewhere in it, in any order.
 * @param search as typed; nothing typed is answered by everything
 * @example
 * wordsMatch('baler tol', 'Tolvane 44 · top-field baler') // → true
 */
export function wordsMatch(search: string, text: string): boolean {
  const within = plain(text);
  return plain(search)
    .split(/\s+/)
    .every((word) => within.includes(word));
}
