/**
 * Looked for in the page itself: texts that the language made by machine did not say.
 *
 * @param data texts of the shop's own, which stand as they are
 */
export function lookForForeignText(data: readonly string[]): readonly (readonly string[])[] {
  const known = new Set(data.map((text) => text.trim().toLowerCase()));
  const long = [...known].filter((text) => text.length > 3).sort((a, b) => b.length - a.length);
  const withoutData = (text: string): string =>
    long.reduce((rest, item) => rest.replaceAll(item, ''), text.toLowerCase());
  const isFigure = (text: string): boolean =>
    !/[A-Za-z]{3}/.test(
      text.replace(
        /N·m|MPa|GPa|lbf·ft|lbf·in|kgf·m|thou|psi|bar|cm³|PNG|SVG|CSV|JSON|PDF|USB|TLS/g,
        '',
      ),
    );
  const isDate = (text: string): boolean =>
    /^([A-Z][a-z]+day,? )?(\d{1,2} )?(Jan|Feb|Mar|Apr|May|June?|July?|Aug|Sept?|Oct|Nov|Dec)[a-z]*( \d{4})?(, \d\d:\d\d)?$/.test(
      text,
    );
  const isData = (text: string): boolean =>
    known.has(text.trim().toLowerCase()) ||
    isFigure(text) ||
    isDate(text.trim()) ||
    isFigure(withoutData(text)) ||
    text.startsWith('http://');
  const ours = (text: string): boolean => {
    const rest = text.replace(/‹[^]*›/g, '');
    return isData(rest) || rest.split(/ · |, |: |; |\n| [–-] |"|“|”|\(|\)/).every(isData);
  };
  const seen = (element: Element): boolean => {
    const { width, height } = element.getBoundingClientRect();
    return width > 1 && height > 1 && getComputedStyle(element).visibility !== 'hidden';
  };
  const faults: string[][] = [];
  for (const element of document.querySelectorAll('[aria-label]')) {
    const label = element.getAttribute('aria-label') ?? '';
    if (!ours(label)) faults.push(['not in words/', 'its name', label]);
  }
  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walk.nextNode(); node; node = walk.nextNode()) {
    const element = node.parentElement;
    const text = node.textContent ?? '';
    if (!element || !seen(element) || /^(SCRIPT|STYLE|NOSCRIPT)$/.test(element.tagName)) continue;
    // One sentence may stand in several elements: what begins in one ends in another.
    const whole = element.closest('p, div, text, tspan')?.textContent ?? text;
    if (!ours(text) && !ours(whole)) faults.push(['not in words/', text]);
  }
  return faults;
}
