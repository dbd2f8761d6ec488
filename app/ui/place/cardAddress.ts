/** Is this the address of a card of a job, or of what stands beside its cards? Hands may be at work there. */
export function isCardAddress(path: string): boolean {
  return /^\/jobs\/[^/]+\/./.test(path);
}
