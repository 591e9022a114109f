import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { describe, expect, it } from 'vitest';
import { expectAccessible, openPage, withPage, type OpenPage } from './browser';
import type { RunningApp } from './running-app';
import type { Browser } from 'playwright-core';

/** The ways back, and who may come in, through the interface. */
let app: RunningApp;
let browser: Browser;
let page: OpenPage;
withPage((its) => ({ app, browser, page } = its));
const names = async () => (await app.call('GET', '/api/gardens')).body.map((row: { name: string }) => row.name);

describe('a garden that is to be removed', () => {
  it('is asked about; it stays in a list, from which it is brought back or deleted for good', async () => {
    await page.goto(app.url);
    const remove = async () => {
      await page.getByText('More for Juniper Wash').click();
      await page.getByRole('button', { name: 'Remove Juniper Wash' }).click();
    };
    await remove();
    await page.getByRole('button', { name: 'Leave it as it is' }).click();
    expect(await names()).toContain('Juniper Wash');
    await remove();
    await page.keyboard.press('Tab');
    await page.keyboard.press('Enter');
    await page.getByText('Juniper Wash removed.').waitFor();
    await page.getByRole('link', { name: 'Removed gardens (1)' }).click();
    await page.getByText(/removed .* here until/).waitFor();
    await expectAccessible(page, 'backups and access');
    await page.getByRole('button', { name: 'Bring back Juniper Wash' }).click();
    await page.getByText('Juniper Wash is back among the gardens.').waitFor();
    expect(await names()).toContain('Juniper Wash');
  });
  it('is deleted for good after a second question', async () => {
    const file = (await app.call('GET', '/api/gardens/juniper-wash/export')).body;
    const made = await app.call('POST', '/api/garden-files', file);
    await app.remove(`/api/gardens/${made.body.garden.id}`);
    await page.goto(`${app.url}/installation`);
    await page.getByRole('button', { name: `Delete for good (${made.body.garden.name})` }).click();
    await page.getByRole('button', { name: 'Delete it for good' }).click();
    await page.getByText('is deleted for good.').waitFor();
    expect((await app.call('POST', `/api/gardens/${made.body.garden.id}/restore`)).status).toBe(404);
  });
  it('its pictures are not given while it is removed', async () => {
    const png =
      'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
    const file = (await app.call('GET', '/api/gardens/juniper-wash/export')).body;
    const { body } = await app.call('POST', '/api/garden-files', file);
    const garden = `/api/gardens/${body.garden.id}`;
    const { picture } = (await app.call('POST', `${garden}/pictures`, { data: png })).body;
    expect((await app.call('GET', `${garden}/pictures/${picture}`)).status).toBe(200);
    await app.remove(garden);
    expect((await app.call('GET', `${garden}/pictures/${picture}`)).status).toBe(404);
  });
});

describe('backups', () => {
  const metres = async () => (await app.call('GET', '/api/gardens/kettle-pond-commons')).body.garden.elevation_m;
  async function climbTo(elevation_m: number) {
    const { id: _, revision, ...fields } = (await app.call('GET', '/api/gardens/kettle-pond-commons')).body.garden;
    await app.call('PUT', '/api/gardens/kettle-pond-commons', { revision, fields: { ...fields, elevation_m } });
  }
  it('are made at a press, saved elsewhere, and gone back to at a press, which is undone by another', async () => {
    await climbTo(40);
    await page.goto(`${app.url}/installation`);
    await page.getByRole('button', { name: 'Back up now' }).click();
    const row = page.getByRole('row', { name: /asked for/ });
    await row.waitFor();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      row.getByRole('link', { name: 'Save it elsewhere' }).click(),
    ]);
    const folder = mkdtempSync(join(tmpdir(), 'outwash-saved-'));
    await download.saveAs(join(folder, 'saved.sqlite'));
    const saved = new Database(join(folder, 'saved.sqlite'), { readonly: true });
    expect(saved.prepare(`SELECT elevation_m FROM garden WHERE id = 'kettle-pond-commons'`).pluck().get()).toBe(40);
    saved.close();
    rmSync(folder, { recursive: true });

    await climbTo(90);
    await row.getByRole('button', { name: 'Go back to it' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Go back' }).click();
    await page.getByText('Everything is again as it was on').waitFor();
    expect(await metres()).toBe(40);
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByText('Undone: everything is again as it was before.').waitFor();
    expect(await metres()).toBe(90);
    await expectAccessible(page, 'backups and access');
  });
  it('are made before an import', async () => {
    await climbTo(50);
    const count = async () =>
      (await app.call('GET', '/api/backups')).body.backups.filter((row: { kind: string }) => row.kind === 'before-import').length;
    const before = await count();
    const file = JSON.parse(readFileSync('demo/juniper-wash.json', 'utf8'));
    await app.call('POST', '/api/garden-files', file);
    expect(await count()).toBe(Math.min(5, before + 1));
  });
  it('are reached from the settings, and one that is not there is said so', async () => {
    await page.goto(app.url);
    await page.getByRole('button', { name: 'Settings' }).click();
    await page.getByRole('link', { name: /^Backups, removed gardens/ }).click();
    await page.getByRole('heading', { name: 'Backups', exact: true }).waitFor();
    for (const name of ['nothing', '..%2Foutwash.sqlite', 'outwash-20260101T000000000Z-daily.sqlite']) {
      expect((await app.call('GET', `/api/backups/${name}`)).status).toBe(404);
      expect((await app.call('POST', `/api/backups/${name}/restore`)).status).toBe(404);
    }
  });
});

describe('a garden that changed in another window', () => {
  it('is brought up to date by what one changes here, and keeps what both did', async () => {
    await page.goto(`${app.url}/gardens/kettle-pond-commons/plan`);
    await page.getByRole('heading', { name: 'South bank' }).waitFor();
    const { sites } = (await app.call('GET', '/api/gardens/kettle-pond-commons')).body;
    const fields = {
      count: 3,
      state: 'planned',
      planted_year: null,
      source: '',
      cost_minor: null,
      notes: '',
      site_id: sites[0].id,
    };
    await app.call('POST', '/api/gardens/kettle-pond-commons/plantings', { ...fields, plant: 'zizia-aurea' });
    const answers: { put?: object; plantings?: object }[] = [];
    page.on('response', (response) => {
      if (response.request().method() !== 'GET' && response.url().includes('/api/gardens/'))
        void response.json().then((body) => answers.push(body));
    });
    await page
      .getByRole('button', { name: /^Remove / })
      .first()
      .click();
    await page.getByText('Golden alexanders').first().waitFor();
    await expect.poll(() => answers.length).toBe(1);
    expect(answers[0]).toHaveProperty('put');
    expect(answers[0]).not.toHaveProperty('plantings');
  });
});

describe('a passphrase', () => {
  const PHRASE = 'four wet geese at dawn';
  const LOOK = 'look but do not touch';
  it('closes Outwash for whoever does not know it, and opens it', async () => {
    await page.goto(`${app.url}/installation`);
    await page.getByRole('button', { name: 'Set it (passphrase to change things)' }).click();
    await page.getByLabel('New passphrase to change things').fill('too short');
    await page.getByLabel('Once more').fill('too short');
    await page.getByRole('button', { name: 'Set the passphrase' }).click();
    await page.getByText('A passphrase has at least 12 characters').waitFor();
    await page.getByLabel('New passphrase to change things').fill(PHRASE);
    await page.getByLabel('Once more').fill(`${PHRASE}!`);
    await page.getByRole('button', { name: 'Set the passphrase' }).click();
    await page.getByText('The two are not the same.').waitFor();
    await page.getByLabel('Once more').fill(PHRASE);
    await page.getByRole('button', { name: 'Set the passphrase' }).click();
    await page.getByText('The passphrase is set.').waitFor();
    await page.getByText('this one').waitFor();
    await page.getByRole('button', { name: 'Set it (passphrase to look)' }).click();
    await page.getByLabel('New passphrase to look').fill(LOOK);
    await page.getByLabel('show what I type').check();
    await page.getByRole('button', { name: 'Set the passphrase' }).click();
    await page.getByText('set', { exact: false }).nth(1).waitFor();
    await expectAccessible(page, 'backups and access');

    // Somebody else, who has no session.
    expect((await app.call('GET', '/api/gardens')).status).toBe(401);
    expect((await app.call('GET', '/api/gardens/kettle-pond-commons')).body.message).toContain('Sign in first');
    expect((await app.call('POST', '/api/gardens/kettle-pond-commons/undo', { entry: 1 })).status).toBe(401);
    expect((await app.call('GET', '/api/backups')).status).toBe(401);
    expect((await app.call('GET', '/api/access')).body).toEqual({ closed: true, role: null });
    const context = await browser.newContext({ reducedMotion: 'reduce', serviceWorkers: 'block' });
    const other = await context.newPage();
    await other.goto(`${app.url}/gardens/kettle-pond-commons/season`);
    await other.waitForURL(/sign-in\?to=/);
    await other.getByLabel('Passphrase').fill('not this one at all');
    await other.getByRole('button', { name: 'Sign in' }).click();
    await other.getByText('That is not the passphrase.').waitFor();
    await other.getByLabel('Passphrase').fill(LOOK);
    await other.getByRole('button', { name: 'Sign in' }).click();
    await other.waitForURL(/\/gardens\/kettle-pond-commons\/season/);
    await other.getByText('You signed in to look: nothing can be changed.').waitFor();
    const kept = await other.evaluate(() =>
      Promise.all(['/api/backups', '/api/removed'].map((path) => fetch(path).then((answer) => answer.status))),
    );
    expect(kept).toEqual([403, 403]);
    await other.goto(app.url);
    await other.getByText('Kettle Pond Commons').first().waitFor();
    await other.goto(`${app.url}/installation`);
    await other.getByText('You signed in to look. Backups').waitFor();
    const cookies = await context.cookies();
    expect(cookies).toMatchObject([{ name: 'outwash-session', httpOnly: true, sameSite: 'Lax' }]);
    const refused = await other.evaluate(() =>
      fetch('/api/gardens/kettle-pond-commons/undo', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: '{"entry":1}',
      }).then((answer) => answer.status),
    );
    expect(refused).toBe(403);

    // Whoever may change things sees who is in, and ends it.
    await page.reload();
    await page.getByRole('button', { name: 'End all others (1)' }).click();
    await page.getByText('Every other session is ended.').waitFor();
    await page.getByText(/Who signed in, and who tried/).click();
    await page.getByText('refused').waitFor();
    await other.goto(`${app.url}/gardens/kettle-pond-commons/plan`);
    await other.waitForURL(/sign-in\?to=/);
    await context.close();
    const outside = await openPage(browser);
    await outside.goto(`${app.url}/sign-in?to=https://elsewhere.example/`);
    await outside.getByLabel('Passphrase').fill(PHRASE);
    await outside.getByRole('button', { name: 'Sign in' }).click();
    await outside.waitForURL(`${app.url}/`);
    await outside.getByText('Kettle Pond Commons').first().waitFor();
    await outside.close();

    // Taken away again, the one to look first.
    for (const role of ['look', 'change things']) {
      await page.getByRole('button', { name: `Take it away (passphrase to ${role})` }).click();
      await page.getByRole('dialog').getByRole('button', { name: 'Take it away' }).click();
      await page.getByRole('button', { name: `Take it away (passphrase to ${role})` }).waitFor({ state: 'detached' });
    }
    expect((await app.call('GET', '/api/gardens')).status).toBe(200);
  });
});
