/**
 * Looked for in the page itself: what a glove would miss. Marks on a drawing may be smaller, where a list or
 * the bar offers the same.
 */
export function lookForSmallTargets(): readonly (readonly string[])[] {
  const LEAST_PX = 56;
  const targets = document.querySelectorAll<HTMLElement>(
    'a, button, input, textarea, [role=button], [role=link], [role=tab], [role=radio], [role=switch]',
  );
  return [...targets]
    .filter((target) => target.closest('svg') === null)
    .map((target) => ({ target, box: target.getBoundingClientRect() }))
    .filter(({ target, box }) => {
      const seen = box.width > 1 && box.height > 1 && getComputedStyle(target).opacity !== '0';
      return seen && (box.width < LEAST_PX - 0.5 || box.height < LEAST_PX - 0.5);
    })
    .map(({ target, box }) => [
      'too small for a glove',
      target.getAttribute('aria-label') ?? target.textContent,
      `${Math.round(box.width)} × ${Math.round(box.height)}`,
    ]);
}
