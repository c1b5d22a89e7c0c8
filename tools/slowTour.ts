import { readdirSync } from 'node:fs';
import type { CDPSession, Page } from '@playwright/test';
import type { CaseFile } from '../core/casefile/contract';

/** The tour on a phone's processor: what each tap and each view holds the page's thread for. `npm run slow` tells the figures and holds them to their budgets. */

/** A mid-range phone is this many times slower than a machine of this index (Lighthouse's calibration). */
const SLOWED = 4;
const REFERENCE = 1750;
/** A longer task of the page's thread, in ms, is felt by who taps. */
export const UNFELT = 50;
/** What makes a whole view may take longer, by name: the way there has been tapped, and nothing can be tapped yet. */
export const VIEW = 300;
/** The adviser has answered within, in ms: thirty observations on four channels. */
export const ADVISED = 150;
/** So long after a tap the page is watched for what it still does, in ms. */
const AFTERWARDS = 500;
const PHONE = { width: 412, height: 823 };

const mark = (name: string): string => `[data-test="${name}"]`;
const button = (name: string): string => `button:has-text("${name}")`;

/** What a person does, without asking the page anything: a driver's questions would be counted as the page's own work. */
type Deed =
  | { readonly tap: string }
  | { readonly type: string; readonly into: string }
  | { readonly press: string }
  | { readonly go: string };

interface Step {
  readonly what: string;
  readonly does: Deed;
  /** What stands there afterwards. */
  readonly shows: string;
  /** Why a longer task is borne here: a whole view is made. */
  readonly isView?: true;
}

/** Parts of the tour, each from an address of its own; what holds the thread too long can be done again at once. */
export const PARTS: readonly (readonly Step[])[] = [
  [
    { what: 'the garage opens', does: { go: '/' }, shows: mark('glance-do'), isView: true },
    {
      what: 'a job is begun',
      does: { tap: `${mark('start-job')}[data-for="Tansy"]` },
      shows: 'h1:has-text("What is lit?")',
      isView: true,
    },
    {
      what: 'a lamp is tapped',
      does: { tap: 'button[aria-pressed]:has-text("ABS")' },
      shows: 'button[aria-pressed]:has-text("ABS")',
    },
    {
      what: 'a pattern is tapped',
      does: { tap: button('steady, from key-on') },
      shows: button('steady, from key-on'),
    },
  ],
  [
    { what: 'Codes', does: { go: '/#/job/tansy-flooded/codes' }, shows: mark('codes-text'), isView: true },
    {
      what: 'a code is typed',
      does: { type: 'C003A-01', into: mark('codes-text') },
      shows: 'text=rear right, circuit',
    },
    { what: 'Find', does: { go: '/#/job/tansy-flooded/find' }, shows: 'h1:has-text("The signal path")', isView: true },
    { what: 'why this', does: { tap: button('Why this') }, shows: '.el-drawer__body', isView: true },
    { what: 'the drawer is shut', does: { press: 'Escape' }, shows: 'h1:has-text("The signal path")' },
  ],
  [
    {
      what: 'a meter check',
      does: { go: '/#/job/tansy-flooded/find/check?do=meter:sensor:resistance&at=rear-right' },
      shows: '.keypad',
      isView: true,
    },
    {
      what: 'a key of the keypad',
      does: { tap: '.keypad button:has-text("7")' },
      shows: `${mark('reading')}:has-text("7")`,
    },
    {
      what: 'another unit',
      does: { tap: '.keypad button:has-text("MΩ")' },
      shows: '.keypad button[aria-pressed="true"]:has-text("MΩ")',
    },
    {
      what: 'a look',
      does: { go: '/#/job/bertie-deaf/find/check?do=look:lead&at=front-left' },
      shows: '.cards button',
      isView: true,
    },
    {
      what: 'a finding is tapped',
      does: { tap: '[data-answer="chafed"]' },
      shows: '[data-answer="chafed"][aria-pressed="true"]',
    },
  ],
  [
    { what: 'Fix', does: { go: '/#/job/tansy-flooded/fix' }, shows: '.option', isView: true },
    {
      what: 'a guide opens',
      does: { go: '/#/job/tansy-flooded/fix?repair=replaced:sensor&at=rear-right' },
      shows: mark('step-title'),
      isView: true,
    },
    {
      what: 'a step is done, the next one stands there',
      does: { tap: mark('step-done') },
      shows: mark('step-title'),
      isView: true,
    },
  ],
  [
    { what: 'Prove', does: { go: '/#/job/pebble-loom/prove' }, shows: 'text=After:', isView: true },
    { what: 'the notebook', does: { go: '/#/job/tansy-flooded/notebook' }, shows: mark('export'), isView: true },
    { what: 'the handbook', does: { go: '/#/handbook' }, shows: 'h1', isView: true },
  ],
];

/** How often in a tenth of a second the page makes a string of ten thousand letters, or copies a hundred thousand numbers. */
const paceOf = (page: Page, does: 'strings' | 'copies'): Promise<number> =>
  page.evaluate((work) => {
    const [from, to] = [new Array<number>(100_000).fill(1), new Array<number>(100_000).fill(0)];
    const began = performance.now();
    let times = 0;
    for (; performance.now() - began < 150; times += 1) {
      let text = '';
      if (work === 'strings') for (let at = 0; at < 10_000; at += 1) text += 'a';
      else for (let at = 0; at < from.length; at += 1) to[at] = (from[at] as number) + text.length;
    }
    return (times * 100) / (performance.now() - began);
  }, does);

/** How fast the page's own processor is, much as Lighthouse reckons it. */
const indexOf = async (page: Page): Promise<number> =>
  ((await paceOf(page, 'strings')) + (await paceOf(page, 'copies'))) / 2;

/** Runs in the page: asks the adviser's program once, as Comlink does. @returns ms until it has answered. */
async function askAdviser([program, file, id]: readonly [string, CaseFile, string]): Promise<number> {
  await import(program);
  const began = performance.now();
  await new Promise<void>((resolve) => {
    const heard = new AbortController();
    addEventListener(
      'message',
      ({ data }: MessageEvent<{ id?: string; value?: unknown }>) => {
        if (data.id !== id || !('value' in data)) return;
        heard.abort();
        resolve();
      },
      { signal: heard.signal },
    );
    postMessage({ id, type: 'APPLY', path: ['assess'], argumentList: [{ type: 'RAW', value: file }] });
  });
  return performance.now() - began;
}

/** What a step came to, in ms; and how many times the processor was slowed for it. */
export interface Took {
  readonly longest: number;
  readonly answered: number;
}

/** A phone with one page in it. */
export class SlowPhone {
  /** How many times the processor is slowed, so that it is a phone's whatever it is itself. */
  rate = 1;

  private constructor(
    readonly page: Page,
    private readonly session: CDPSession,
  ) {}

  /** @param page that has been nowhere yet. */
  static async of(page: Page): Promise<SlowPhone> {
    await page.setViewportSize(PHONE);
    await page.addInitScript(() => {
      const state = window as unknown as { tasks: number[] };
      state.tasks = [];
      new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) state.tasks.push(duration);
      }).observe({ type: 'longtask', buffered: true });
    });
    const phone = new SlowPhone(page, await page.context().newCDPSession(page));
    await phone.adjust();
    return phone;
  }

  /** Slows the processor by as much as it is too fast at this moment: others use it, too. */
  private async adjust(): Promise<void> {
    await this.session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    this.rate = Math.max(1, (SLOWED * (await indexOf(this.page))) / REFERENCE);
    await this.session.send('Emulation.setCPUThrottlingRate', { rate: this.rate });
  }

  /** The deed, ready to be done with nothing asked of the page. */
  private async ready(deed: Deed): Promise<() => Promise<unknown>> {
    const { page } = this;
    if ('press' in deed) return () => page.keyboard.press(deed.press);
    if ('go' in deed) return () => page.goto(deed.go);
    const place = page.locator('tap' in deed ? deed.tap : deed.into).first();
    await place.scrollIntoViewIfNeeded();
    if ('type' in deed) {
      await place.focus();
      await page.waitForTimeout(AFTERWARDS);
      return () => page.keyboard.type(deed.type);
    }
    const box = await place.boundingBox();
    if (!box) throw new Error(`nothing to tap: ${deed.tap}`);
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.waitForTimeout(AFTERWARDS);
    return async () => {
      await page.mouse.down();
      await page.mouse.up();
    };
  }

  /** Long tasks since the last question, in ms. */
  private tasks(): Promise<readonly number[]> {
    return this.page.evaluate(() => {
      const state = window as unknown as { tasks?: number[] };
      const tasks = state.tasks ?? [];
      state.tasks = [];
      return tasks;
    });
  }

  /**
   * How long a whole assessment takes, in ms: the adviser's own program, run by the page, for a browser slows no worker.
   * @param file the case. @param rounds how often. @returns the middle.
   */
  async adviserTakes(file: CaseFile, rounds: number): Promise<number> {
    const program = readdirSync('dist/app/assets').find((name) => /^adviser\.worker.*\.js$/.test(name));
    await this.page.goto('/#/handbook');
    const times: number[] = [];
    for (let round = 0; round < rounds; round += 1) {
      await this.adjust();
      times.push(await this.page.evaluate(askAdviser, [`/assets/${program}`, file, `${round}`] as const));
    }
    return times.toSorted((a, b) => a - b)[Math.floor(rounds / 2)] ?? Infinity;
  }

  async take({ does, shows }: Step): Promise<Took> {
    const act = await this.ready(does);
    if (!('go' in does)) await this.tasks();
    const began = performance.now();
    await act();
    await this.page.locator(shows).first().waitFor();
    const answered = performance.now() - began;
    await this.page.waitForTimeout(AFTERWARDS);
    return { answered, longest: Math.max(0, ...(await this.tasks())) };
  }
}
