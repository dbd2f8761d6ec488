/** A page that lies behind others paints nothing: it waits no longer than this. */
const LONGEST_MS = 150;

/** Does some work once what is on its way to the glass has been painted, so that it takes none of that time. */
export function afterPaint(work: () => void): void {
  let begun = false;
  const begin = (): void => {
    if (begun) return;
    begun = true;
    work();
  };
  requestAnimationFrame(() => setTimeout(begin));
  setTimeout(begin, LONGEST_MS);
}
