/** Looked for in the page itself: texts that their place has no room for, and a page wider than its window. */
export function lookForCutText(): readonly (readonly string[])[] {
  const faults: string[][] = [];
  const seen = (element: Element): boolean => {
    const { width, height } = element.getBoundingClientRect();
    return width > 1 && height > 1 && getComputedStyle(element).visibility !== 'hidden';
  };
  if (document.documentElement.scrollWidth > window.innerWidth) faults.push(['scrolls sideways']);
  const cut = (inner: DOMRect, outer: DOMRect): boolean =>
    inner.left < outer.left - 2 ||
    inner.right > outer.right + 2 ||
    inner.top < outer.top - 2 ||
    inner.bottom > outer.bottom + 2;
  for (const button of document.querySelectorAll('[role=button], [role=radio], [role=tab], a')) {
    if (!seen(button)) continue;
    for (const line of button.querySelectorAll('div[dir]')) {
      const shown = line.getBoundingClientRect();
      if (cut(shown, button.getBoundingClientRect())) {
        faults.push(['over the edge of its button', line.textContent]);
      }
    }
  }
  for (const line of document.querySelectorAll<HTMLElement>('div[dir]')) {
    const { overflowX, textOverflow } = getComputedStyle(line);
    const hidden = line.scrollWidth > line.clientWidth + 1 && overflowX === 'hidden';
    if (seen(line) && hidden && textOverflow !== 'ellipsis') {
      faults.push(['cut off', line.textContent]);
    }
  }
  for (const word of document.querySelectorAll('svg text')) {
    const drawing = word.closest('svg');
    if (drawing && cut(word.getBoundingClientRect(), drawing.getBoundingClientRect())) {
      faults.push(['over the edge of its drawing', word.textContent]);
    }
  }
  return faults;
}
