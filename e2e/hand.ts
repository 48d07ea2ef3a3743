/** One way of working: a mouse, a finger, or the keyboard alone; what it took is counted. */
import type { Locator, Page } from '@playwright/test';
import { expect } from './support.ts';

export type Way = 'pointer' | 'touch' | 'keyboard';

/** More steps of Tab than this to what is wanted next are a stumble. */
const MOST_STEPS = 60;

export class Hand {
  /** Presses, taps or keys that do something, and figures or words that are typed. */
  acts = 0;
  /** Of the keyboard: steps from one thing to the next. */
  steps = 0;
  /** Steps to what was wanted next, and what it was. */
  readonly ways: { steps: number; to: string }[] = [];

  constructor(
    readonly page: Page,
    readonly way: Way,
  ) {}

  async press(target: Locator): Promise<void> {
    this.acts += 1;
    if (this.way === 'pointer') await target.click();
    else if (this.way === 'touch') await target.tap();
    else {
      await this.reach(target);
      await expect(target).toBeEnabled();
      await this.page.keyboard.press('Enter');
    }
  }

  /** What has a key of its own by that key, else as it is pressed. */
  async act(key: string, target: Locator): Promise<void> {
    if (this.way !== 'keyboard') return this.press(target);
    await target.waitFor();
    this.acts += 1;
    await this.page.keyboard.press(key);
  }

  async write(target: Locator, text: string): Promise<void> {
    this.acts += 1;
    if (this.way === 'keyboard') {
      await this.reach(target);
      await this.page.keyboard.press('ControlOrMeta+a');
      await this.page.keyboard.type(text);
      await this.step();
      return;
    }
    await (this.way === 'touch' ? target.tap() : target.click());
    await target.fill(text);
    await target.blur();
  }

  /** To a stage: by the key of its number, its place at the foot of a phone, or its place in the strip. */
  async go(stage: string, number: number): Promise<void> {
    this.acts += 1;
    if (this.way === 'keyboard') return this.page.keyboard.press(`Alt+${number}`);
    if (this.way === 'touch')
      return this.page.getByRole('navigation', { name: 'Job on the phone' }).getByText(stage).tap();
    return this.page.getByRole('link', { name: new RegExp(`^${number}\\s*${stage}`) }).click();
  }

  /** One of a list that opens. */
  async pick(list: Locator, option: string | RegExp): Promise<void> {
    const wanted = this.page.getByRole('option', {
      name: option,
      ...(typeof option === 'string' ? { exact: true } : {}),
    });
    if (this.way !== 'keyboard') {
      this.acts += 2;
      const body = list.locator('xpath=ancestor::*[contains(@class, "el-select__wrapper")][1]');
      await (this.way === 'touch' ? body.tap() : body.click());
      await (this.way === 'touch' ? wanted.tap() : wanted.click());
      await expect(wanted).toBeHidden();
      return;
    }
    await this.reach(list);
    this.acts += 1;
    await this.page.keyboard.press('Enter');
    await wanted.waitFor();
    const id = await wanted.getAttribute('id');
    for (let i = 0; (await list.getAttribute('aria-activedescendant')) !== id; i += 1) {
      if (i > MOST_STEPS) throw new Error(`no arrow leads to ${String(option)}`);
      await this.step('ArrowDown');
    }
    this.acts += 1;
    await this.page.keyboard.press('Enter');
    await expect(wanted).toBeHidden();
  }

  /** One of a row of which one counts. */
  async choose(group: Locator, one: string): Promise<void> {
    this.acts += 1;
    if (this.way !== 'keyboard') {
      const target = group.getByText(one, { exact: true });
      await (this.way === 'touch' ? target.tap() : target.click());
      return;
    }
    await this.reach(group);
    const radio = group.getByRole('radio', { name: one, exact: true });
    for (let i = 0; !(await radio.isChecked()); i += 1) {
      if (i > MOST_STEPS) throw new Error(`no arrow leads to ${one}`);
      await this.step('ArrowRight');
    }
  }

  /** Tab by Tab, back where it is nearer, and by the arrow keys along a row of buttons. */
  private async reach(target: Locator): Promise<void> {
    await target.waitFor();
    const tab = (await target.evaluate(isJustBefore)) ? 'Shift+Tab' : 'Tab';
    for (let i = 0; i <= MOST_STEPS; i += 1) {
      const at = await target.evaluate(whereIs);
      if (at === 'here') {
        this.ways.push({ steps: i, to: await nameOf(target) });
        return;
      }
      await this.step(at === 'away' ? tab : at);
    }
    throw new Error(`${MOST_STEPS} steps do not lead to ${await nameOf(target)}`);
  }
  private async step(key = 'Tab'): Promise<void> {
    this.steps += 1;
    await this.page.keyboard.press(key);
  }
}

const nameOf = (target: Locator): Promise<string> =>
  target.evaluate((t) => t.getAttribute('aria-label') ?? t.textContent.trim().slice(0, 60));

/** Whether the focus is on it, on which side of it along its row, or elsewhere. Runs in the page. */
function whereIs(target: Element): 'here' | 'ArrowLeft' | 'ArrowRight' | 'away' {
  const active = document.activeElement;
  if (target.contains(active)) return 'here';
  const row = target.closest('[role="group"]');
  if (!active || !row?.contains(active) || (target as HTMLElement).tabIndex >= 0) return 'away';
  return target.compareDocumentPosition(active) & Node.DOCUMENT_POSITION_PRECEDING
    ? 'ArrowRight'
    : 'ArrowLeft';
}
/** Whether it stands before what has the focus, with few stops between. Runs in the page. */
function isJustBefore(target: Element): boolean {
  const active = document.activeElement;
  if (!active || active === document.body) return false;
  const stops = [...document.querySelectorAll<HTMLElement>('a, button, input, select, textarea, [tabindex]')];
  const [from, to] = [
    stops.findIndex((s) => s === target || target.contains(s)),
    stops.indexOf(active as HTMLElement),
  ];
  return from >= 0 && from < to && to - from < 60;
}
