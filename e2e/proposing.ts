import type { Page } from 'playwright-core';

/** Asks for a plan and waits until the search is carried to its end. */
export async function propose(page: Page) {
  await page.getByRole('button', { name: /^Propose (a plan|again)$/ }).click();
  await page.getByRole('button', { name: /^Propose/ }).waitFor({ state: 'detached' });
  await page.getByText(/Found in [\d.]+ s/).waitFor({ timeout: 40_000 });
}
