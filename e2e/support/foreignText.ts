/** A text in the page; where one sentence stands in several elements, what begins in one ends in another. */
interface FoundText {
  readonly text: string;
  readonly whole: string;
  readonly isName: boolean;
}

/** Looked for in the page itself: every text that is shown, and every name that is read aloud. */
export function textsShown(): readonly FoundText[] {
  const seen = (element: Element): boolean => {
    const { width, height } = element.getBoundingClientRect();
    return width > 1 && height > 1 && getComputedStyle(element).visibility !== 'hidden';
  };
  const found: FoundText[] = [];
  for (const element of document.querySelectorAll('[aria-label]')) {
    const text = element.getAttribute('aria-label') ?? '';
    found.push({ text, whole: text, isName: true });
  }
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walk.nextNode(); node; node = walk.nextNode()) {
    const element = node.parentElement;
    const text = node.textContent ?? '';
    if (!element || !seen(element) || /^(SCRIPT|STYLE|NOSCRIPT)$/.test(element.tagName)) continue;
    const whole = element.closest('p, div, text, tspan')?.textContent ?? text;
    found.push({ text, whole, isName: false });
  }
  return found;
}

const UNITS = /N·m|MPa|GPa|lbf·ft|lbf·in|kgf·m|thou|psi|bar|cm³|PNG|SVG|CSV|JSON|PDF|USB|TLS/g;
const DATE =
  /^([A-Z][a-z]+day,? )?(\d{1,2} )?(Jan|Feb|Mar|Apr|May|June?|July?|Aug|Sept?|Oct|Nov|Dec)[a-z]*( \d{4})?(, \d\d:\d\d)?$/;
const BETWEEN_PARTS = / · |, |: |; |\n| [–-] |"|“|”|\(|\)/;

/**
 * Tells texts that the language made by machine did not say. Each is judged once, however many screens
 * show it.
 * @param data texts of the shop's own, which stand as they are
 */
export function foreignTextJudge(
  data: readonly string[],
): (found: readonly FoundText[]) => readonly (readonly string[])[] {
  const known = new Set(data.map((text) => text.trim().toLowerCase()));
  const long = [...known].filter((text) => text.length > 3).sort((a, b) => b.length - a.length);
  const withoutData = (text: string): string =>
    long.reduce((rest, item) => rest.replaceAll(item, ''), text.toLowerCase());
  const isFigure = (text: string): boolean => !/[A-Za-z]{3}/.test(text.replace(UNITS, ''));
  const isData = (text: string): boolean =>
    known.has(text.trim().toLowerCase()) ||
    isFigure(text) ||
    DATE.test(text.trim()) ||
    text.startsWith('http://') ||
    isFigure(withoutData(text));
  const judged = new Map<string, boolean>();
  const isOurs = (text: string): boolean => {
    const before = judged.get(text);
    if (before !== undefined) return before;
    const rest = text.replace(/‹[^]*›/g, '');
    const ours = isData(rest) || rest.split(BETWEEN_PARTS).every(isData);
    judged.set(text, ours);
    return ours;
  };
  return (found) =>
    found
      .filter(({ text, whole }) => !isOurs(text) && !isOurs(whole))
      .map(({ text, isName }) => ['not in words/', ...(isName ? ['its name'] : []), text]);
}
