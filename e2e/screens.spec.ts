import AxeBuilder from '@axe-core/playwright';
import { MAIN, SCREENS } from './support/screens';
import { expect, signIn, test } from './support/shop';

for (const theme of ['day', 'lamp', 'glare'] as const) {
  test(`every screen is accessible and fits, ${theme}`, async ({ page, shop }, { project }) => {
    // Five dozen screens, each looked at whole: as long as a busy machine needs.
    test.setTimeout(900_000);
    await page.addInitScript((name) => {
      const stored = JSON.parse(localStorage.getItem('cardinex.preferences') ?? '{}') as object;
      localStorage.setItem('cardinex.preferences', JSON.stringify({ ...stored, theme: name }));
    }, theme);
    await signIn(page, shop.address);
    const faults: unknown[] = [];
    const looked = theme === 'day' ? SCREENS : SCREENS.filter(([name]) => MAIN.includes(name));
    for (const [name, path] of looked) {
      await page.goto(shop.address + path);
      await page.getByRole('main').waitFor();
      await page.waitForTimeout(300);
      // A wide screen is made of the same parts: the main ones show whether they go together.
      if (project.name === 'phone' || MAIN.includes(name)) {
        const axe = new AxeBuilder({ page });
        // What is not colour is the same in every theme.
        const { violations } = await (
          theme === 'day' ? axe : axe.withRules('color-contrast')
        ).analyze();
        faults.push(...violations.map((v) => [name, v.id, v.nodes[0]?.html.slice(0, 160)]));
      }
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      if (overflow !== 0) faults.push([name, 'scrolls sideways', overflow]);
    }
    expect(faults).toEqual([]);
  });
}
