/** With a large first letter. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** With a small first letter, to stand within a sentence. */
export function small(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}
