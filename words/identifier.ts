/**
 * The words of an identifier, small: what a field without a name of its own is called.
 *
 * @example wordsOf('ringGearTeeth') // "ring gear teeth"
 */
export function wordsOf(identifier: string): string {
  return identifier.replaceAll(/([a-z0-9])([A-Z])/g, '$1 $2').toLowerCase();
}
