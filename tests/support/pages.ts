import { expect, type Page } from '@playwright/test';
import { DEMO_PASSWORD } from '../../demo/academy/people';

export async function signIn(page: Page, url: string, name = 'ludo', password = DEMO_PASSWORD): Promise<void> {
  await page.goto(`${url}/sign-in`);
  await page.getByLabel('Sign-in name').fill(name);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL(/\/(footage|mat)$/);
}

/** Collects what the browser complains about: errors of scripts, of the content policy, of hydration. */
export function watchConsole(page: Page): string[] {
  const complaints: string[] = [];
  page.on('pageerror', (error) => complaints.push(error.message));
  page.on('console', (message) => {
    if (
      message.type() === 'error' &&
      !/Failed to load resource|ERR_CONNECTION|error occurred when fetching the script/.test(message.text())
    )
      complaints.push(message.text());
  });
  return complaints;
}

/** Writes a call by keyboard only. */
export async function call(page: Page, text: string): Promise<void> {
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Call' })).toBeFocused();
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Call' })).toHaveCount(0);
}

export const ledger = (page: Page) => page.getByRole('listbox', { name: 'Marks of the round' }).getByRole('option');

/** Opens a round in Review and waits until its keys work. */
export async function openReview(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await reviewIsReady(page);
}

export async function reviewIsReady(page: Page): Promise<void> {
  await expect(page.locator('[data-light="loft"][aria-busy="false"]')).toBeVisible();
}
