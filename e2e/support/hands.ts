import type { Page } from '@playwright/test';

/** Types into the first field of that name. */
export function fill(page: Page, label: string, text: string): Promise<void> {
  return page.getByRole('textbox', { name: label, exact: true }).first().fill(text);
}

/** Presses the first button of that name. */
export function press(page: Page, name: string | RegExp): Promise<void> {
  const exact = typeof name === 'string';
  return page.getByRole('button', { name, exact }).first().click();
}

/** Types how many there are where a step counts them: as many as there must be. */
export async function typeCount(page: Page): Promise<void> {
  const field = page.getByTestId('count');
  if (!(await field.isVisible())) return;
  const label = (await field.getAttribute('aria-label')) ?? '';
  await field.fill(/\d+/.exec(label)?.[0] ?? '');
}

/** Unfolds everything that is folded away in a record. */
export async function unfoldRecord(page: Page): Promise<void> {
  await page.getByTestId('rechecks').waitFor();
  for (const stretch of await page.getByTestId('stretch').all()) await stretch.click();
}
