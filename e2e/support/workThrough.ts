import { expect, type Page } from '@playwright/test';
import type { JobSheet } from '../../core/job/scope';
import type { JobState } from '../../core/job/state';
import { fold } from '../../core/job/evolve';
import type { LoggedAct } from '../../core/job/act';
import { sheetOfJob } from '../../core/job/sheetOfJob';
import { settingItems } from '../../core/sheet/settingItems';
import type { EngineSheet } from '../../core/sheet/engineSheet';
import { itemShort } from '@cardinex/words/itemNames';
import { typeCount } from './hands';
import { gapReading, linerReading, readingsLeft } from './goodReadings';

/** A job, and where it is worked on. */
interface Job {
  readonly shop: string;
  readonly id: string;
  readonly sheet: EngineSheet;
  /** Told each card it comes to. */
  readonly onCard?: (card: string) => void;
  /** The first part whose name holds this is missing when the others come, until all else waits for it. */
  readonly missing?: string;
  /** The piece that is put on out of its order as soon as its card waits for nothing but an order. */
  readonly outOfOrder?: string;
}

/** Comings to another card, after which it is going round in circles. */
const MOST_CARDS = 160;
/** What is put in so that the crank may turn while something is off. */
const HELD_MEANWHILE = [
  'Liners are clamped',
  'Plates are on, pulled down',
  'The pistons are guided',
] as const;

/**
 * Works a job through its screens by thumb, as somebody would who only reads what is in sight: the tray's large
 * button, what each card asks, and on. Readings are as the book wants them.
 */
export class WorkThrough {
  /** How often each card was pressed, digits of readings apart. */
  readonly taps = new Map<string, number>();
  /** Every press by its card and what it said, for whoever looks into a walk that stuck. */
  readonly pressed: string[] = [];
  /** What was only waited for, and is seen to once. */
  private readonly waited = new Set<string>();
  private told = { missing: false, passedOver: false };
  private visits = 0;
  private passing = false;
  private last = '';

  constructor(
    private readonly page: Page,
    private readonly job: Job,
  ) {}

  private get tray(): string {
    return `${this.job.shop}/jobs/${this.job.id}`;
  }

  /** From the tray on, until nothing is left or only time or a part is waited for; what it ended at. */
  async work(most = 3000): Promise<string> {
    await this.page.goto(this.tray);
    for (let n = 0; n < most; n += 1) {
      await this.arrive();
      const before = await this.sight();
      const ended = await this.oneStep();
      if (ended) return ended;
      await this.changedFrom(before);
    }
    return 'still at it';
  }

  /** Comes to another card; nobody goes round the same ones for ever. */
  private async arrive(): Promise<void> {
    if (this.card === this.last) return;
    this.last = this.card;
    this.visits += 1;
    this.job.onCard?.(this.card);
    if (this.visits > MOST_CARDS)
      throw new Error(`round and round: ${this.pressed.slice(-12).join('; ')}`);
    if (this.card.startsWith('fit ')) await this.passOver();
  }

  /** Puts the piece on that is to go out of its order, once nothing but an order is against it. */
  private async passOver(): Promise<void> {
    const { outOfOrder } = this.job;
    if (outOfOrder === undefined || this.told.passedOver) return;
    const here = this.page.url();
    await this.page.goto(`${this.tray}/fit?set=${outOfOrder}`);
    await this.page.locator('#screen-heading').waitFor();
    if (!(await this.offers('Go on out of order'))) return void (await this.page.goto(here));
    await this.press('Go on out of order');
    await this.page.getByLabel('Why?').fill('It goes by road tonight.');
    await this.press('Go on');
    await this.page.getByTestId('act').waitFor();
    this.told = { ...this.told, passedOver: true };
  }

  /** The card in hand, by the address. */
  private get card(): string {
    const { pathname, searchParams } = new URL(this.page.url());
    const card = pathname.split('/')[3] ?? 'tray';
    return [card, searchParams.get('set')].filter(Boolean).join(' ');
  }

  private async sight(): Promise<string> {
    return this.page.url() + (await this.page.locator('body').innerText());
  }

  private async changedFrom(before: string): Promise<void> {
    await expect
      .poll(() => this.sight(), {
        intervals: [20, 30, 50, 100],
        timeout: 15_000,
        message: `nothing came of the press on ${this.card}`,
      })
      .not.toBe(before);
  }

  private async press(name: string | RegExp): Promise<void> {
    const exact = typeof name === 'string';
    await this.tap(this.page.getByRole('button', { name, exact }).first());
  }

  private async tap(where: ReturnType<Page['locator']>): Promise<void> {
    this.taps.set(this.card, (this.taps.get(this.card) ?? 0) + 1);
    this.pressed.push(`${this.card}: ${(await where.innerText()).replace(/\s+/g, ' ')}`);
    await where.click();
  }

  /** What is pressed because a walk does not wait: by somebody who does, nothing is. */
  private async passTime(name: string): Promise<void> {
    await this.page.getByRole('button', { name, exact: true }).first().click();
    this.passing = true;
  }

  private async shows(testId: string): Promise<boolean> {
    return this.page.getByTestId(testId).first().isVisible();
  }

  private async offers(name: string | RegExp): Promise<boolean> {
    const exact = typeof name === 'string';
    return this.page.getByRole('button', { name, exact }).first().isVisible();
  }

  /** One thing of what is in sight; a word where nothing is left to do. */
  private async oneStep(): Promise<string | null> {
    const { page } = this;
    const settled = page
      .getByTestId('confirm')
      .or(page.getByTestId('next-card'))
      .or(page.getByTestId('next-check'))
      .or(page.getByRole('button', { name: 'Sound', exact: true }))
      .or(page.getByRole('button', { name: 'Even, grey', exact: true }))
      .or(
        page.getByRole('button', {
          name: /^(To the tray|All checks|Begin pulling|Record|That was it|Liners$|Back to)/,
        }),
      )
      .or(page.getByRole('button', { name: /^(Send something out|Put something in)$/ }));
    await settled.first().waitFor();
    if (this.card === 'record') return 'done';
    if (await page.getByRole('dialog').isVisible()) return this.answerSlip();
    if (this.card === 'tray') return this.fromTray();
    if (this.card === 'register') return this.takeOut();
    if (this.card === 'parts') return this.parts();
    if (this.card === 'cause' && !(await this.shows('answer'))) return this.cause();
    if (await this.shows('cooling')) return 'waits: After heat';
    if (await this.offers('Begin pulling')) return this.prepare();
    if (await this.asksWhich()) return this.done(this.press('The one that came out'));
    if ((await this.shows('reading')) && (await this.shows('confirm'))) return this.read();
    for (const clamped of HELD_MEANWHILE)
      if (await this.offers(clamped)) return this.done(this.press(clamped));
    if (await this.shows('still-in'))
      return this.done(this.tap(page.getByTestId('still-in').getByRole('button').first()));
    // Nor do these walks wait for a bead.
    if (await this.offers('All the same')) return this.done(this.passTime('All the same'));
    if (await this.setsStill()) return this.done(this.passTime('Go on out of order'));
    // Time passes quicker here than over a gasket that settles.
    if (await this.offers('Cut it short')) return this.done(this.passTime('Cut it short'));
    if (await this.offers('Sound')) return this.done(this.press('Sound'));
    if (await this.offers('Even, grey')) return this.done(this.press('Even, grey'));
    if (await this.shows('confirm')) return this.confirm();
    return this.onward();
  }

  /** Is one piston alone weighed, and not said yet against which? */
  private async asksWhich(): Promise<boolean> {
    const which = this.page.getByRole('button', { name: 'The one that came out' });
    return (await which.isVisible()) && (await which.getAttribute('aria-pressed')) !== 'true';
  }

  /** Does this card wait for nothing but something that sets? */
  private async setsStill(): Promise<boolean> {
    const waits = this.page.getByText(/it (sets|cures) before/).first();
    return (await this.offers('Go on out of order')) && (await waits.isVisible());
  }

  private async done(act: Promise<unknown>): Promise<null> {
    await act;
    return null;
  }

  private async fromTray(): Promise<string | null> {
    const next = this.page.getByTestId('next-card');
    if (!(await next.isVisible())) return 'done';
    const text = await next.innerText();
    // What is waited for has come: the parts are laid out, the engine has been hot.
    if (/Next card|^Parts|Waiting/.test(text) && !this.waited.has(text)) {
      if (!/Next card/.test(text)) this.waited.add(text);
      return this.done(this.tap(next));
    }
    return `waits: ${text}`;
  }

  private async confirm(): Promise<null> {
    const confirm = this.page.getByTestId('confirm');
    const asked = await confirm.innerText();
    if (/^Wait\b/.test(asked)) {
      await this.press('Not so');
      await this.press(/^Not waited for/);
      return null;
    }
    await typeCount(this.page);
    if (this.card === 'recheck' && (await this.page.getByRole('textbox').first().isVisible()))
      await this.page.getByRole('textbox').first().fill('An hour under load.');
    await this.tap(confirm);
    return null;
  }

  /** A card with nothing to confirm: its list, its counts, or what it leads on to. */
  private async onward(): Promise<null> {
    const { page } = this;
    const field = page.getByRole('textbox', { name: /how many came out/i }).first();
    if (this.card.startsWith('strip') && (await field.isVisible())) return this.countBolts();
    if (await this.shows('next-check')) return this.done(this.tap(page.getByTestId('next-check')));
    const open = page.getByTestId('check').filter({ hasNotText: /within|read through/i });
    if ((await open.count()) > 0) return this.done(this.tap(open.first()));
    for (const name of [/^Let the wrench back/, /^Heads are marked/])
      if (await this.offers(name)) return this.done(this.press(name));
    const gasket = page.getByTestId('gasket');
    const chosen = gasket.locator('[aria-pressed=true]');
    if ((await gasket.isVisible()) && (await chosen.count()) === 0) return this.chooseGasket();
    if (await this.shows('next-card')) return this.done(this.tap(page.getByTestId('next-card')));
    if (await this.offers(/^All checks/)) return this.done(this.press(/^All checks/));
    return this.done(this.press(/^(To the tray|Record|Liners$|Back to)/));
  }

  /** The gasket that the stand-out asks for; one as the old one was, where none was measured. */
  private async chooseGasket(): Promise<null> {
    // It could not be ordered before.
    this.waited.clear();
    const asked = /Gasket (.+), [\d.]+ mm: for/.exec(
      await this.page.getByTestId('gasket').innerText(),
    );
    return this.done(
      this.press(asked ? `Take gasket ${asked[1] ?? ''}` : /as the one that came off/),
    );
  }

  private async prepare(): Promise<null> {
    const main = this.page.getByRole('main');
    for (const name of [
      /^(Flush all round|Lies flush|All in place)/,
      /^It is on/,
      /^Checked, nobody/,
    ])
      if (await this.offers(name)) await this.press(name);
    const wrench = main.getByRole('button', { name: /^Wrench \d/ });
    if ((await wrench.count()) > 0) await this.tap(wrench.first());
    await this.press('Begin pulling');
    return null;
  }

  private async countBolts(): Promise<null> {
    const field = this.page.getByRole('textbox', { name: /how many came out/i }).first();
    const [says = ''] = (await this.page.getByRole('main').innerText()).split('how many came out?');
    const count = [...says.matchAll(/(\d+) of them/g)].at(-1)?.[1] ?? '1';
    await field.fill(count);
    const uses = this.page.getByRole('textbox', { name: /^How often had they/ }).first();
    if (await uses.isVisible()) await uses.fill('0');
    await this.tap(this.page.getByRole('button', { name: /: Counted into the bag/ }).first());
    return null;
  }

  /** Lays what has come beside the old, line by line; the one that is missing comes when all else waits for it. */
  private async parts(): Promise<string | null> {
    const lines = this.page.getByTestId('part');
    const asked = this.told.missing ? /to come|missing/ : /to come/;
    const line = lines.filter({ hasText: asked }).first();
    if (!(await line.isVisible())) return this.done(this.page.goto(this.tray));
    const { missing } = this.job;
    const isMissing =
      missing !== undefined && !this.told.missing && (await line.innerText()).includes(missing);
    await this.tap(line);
    const slip = this.page.getByRole('dialog');
    const needed = /(\d+)/.exec(await slip.innerText())?.[1] ?? '1';
    await slip
      .getByRole('textbox')
      .first()
      .fill(isMissing ? '0' : needed);
    if (isMissing) {
      await slip.getByRole('button', { name: 'Not all of it' }).click();
      await slip.getByLabel('What is wrong with it?').fill('Not in the box.');
    } else if (this.told.missing) await slip.getByRole('button', { name: 'It is right' }).click();
    await this.tap(slip.getByRole('button').last());
    if (!isMissing) return null;
    await expect(slip).toHaveCount(0);
    this.told = { ...this.told, missing: true };
    return this.done(this.page.goto(this.tray));
  }

  private async cause(): Promise<null> {
    await this.tap(this.page.getByRole('button', { name: 'Cooling lost' }).first());
    await this.page.getByRole('textbox').first().fill('A plug in the cooler leaked.');
    await this.press('That was it');
    return null;
  }

  private async answerSlip(): Promise<null> {
    const slip = this.page.getByRole('dialog');
    const field = slip.getByRole('textbox').first();
    if (await field.isVisible()) await field.fill('As it should be.');
    // What is seen to before an engine is turned over, each by itself.
    if (/^Turn it/.test((await slip.getAttribute('aria-label')) ?? ''))
      for (const look of (await slip.getByRole('button').all()).slice(0, -2)) await this.tap(look);
    const answer = slip.getByRole('button').last();
    // A piece that is closed before its time is on all the same, and that is a press of its own.
    const isAct = !this.passing || (await answer.innerText()) === 'All the same';
    this.passing = false;
    await (isAct ? this.tap(answer) : answer.click());
    return null;
  }

  /** What is left in is out; then back to the tray. */
  private async takeOut(): Promise<null> {
    const part = this.page.getByTestId('temporary-part-in').first();
    if (await part.isVisible()) await this.tap(part.getByRole('button'));
    else await this.page.goto(this.tray);
    return null;
  }

  /** Types what is asked, reading by reading, each kept before the next. */
  private async read(): Promise<null> {
    const field = this.page.getByTestId('reading');
    for (const value of await this.values()) {
      if (!(await field.isVisible())) break;
      await field.fill(value);
      await this.page.keyboard.press('Enter');
      this.taps.set(this.card, (this.taps.get(this.card) ?? 0) + 1);
      await this.page.waitForFunction(
        () =>
          (document.querySelector<HTMLInputElement>('[data-testid=reading]')?.value ?? '') === '',
      );
    }
    return null;
  }

  private async values(): Promise<readonly string[]> {
    const { sheet, state } = await this.now();
    const check = new URL(this.page.url()).searchParams.get('check');
    if (check !== null) return readingsLeft(sheet, state, check);
    const name = this.card.split(' ')[0];
    if (name === 'liners') {
      const hint = await this.page.getByTestId('confirm').innerText();
      return [linerReading(sheet, /liner (\d+)/.exec(hint)?.[1] ?? '1')];
    }
    const short = await this.page.getByTestId('valve').innerText();
    const item = settingItems(sheet).find((entry) => itemShort(entry) === short);
    const phase = name === 'recheck' ? 'hot' : 'cold';
    return [gapReading(sheet, state, phase, item?.id ?? '')];
  }

  /** The job as the server has it, once everything is sent. */
  async now(): Promise<{ sheet: JobSheet; state: JobState; acts: readonly LoggedAct[] }> {
    await expect(this.page.getByTestId('kept-here')).toHaveCount(0);
    const events = await this.page.evaluate(async (id) => {
      const answer = (await (await fetch(`/api/jobs/${id}`)).json()) as { events: unknown[] };
      return answer.events;
    }, this.job.id);
    const acts = events as LoggedAct[];
    const { state } = fold(acts);
    return { sheet: sheetOfJob(this.job.sheet, state), state, acts };
  }
}
