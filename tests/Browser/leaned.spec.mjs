import { test, expect, signIn } from './support.mjs';

test('two with one form open: the second sees both and chooses', async ({ page, baseURL, browser }) => {
    const other = await (await browser.newContext()).newPage();
    await signIn(page, baseURL, 'joss');
    await signIn(other, baseURL, 'mara');
    await page.goto('/jobs/20/edit');
    await other.goto(`${baseURL}/jobs/20/edit`);
    await other.getByLabel('What is it').fill('Mooring cleats, east quay');
    await other.getByLabel('Due').fill('2027-03-06');
    await other.getByRole('button', { name: 'Save', exact: true }).click();
    await other.waitForURL('**/jobs/20');
    await page.getByLabel('What is it').fill('Mooring cleats, west quay');
    await page.getByLabel('Agreed at the counter').fill('Tips stay bare.');
    // The answer is 409, which this page asks for.
    page.removeAllListeners('response');
    page.removeAllListeners('console');
    await page.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Mara Ostwald saved this while');
    const due = page.getByRole('group', { name: 'Due' });
    await expect(due.getByRole('radio').first()).toBeChecked();
    await page.getByRole('button', { name: 'Save it so' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Mooring cleats, west quay');
    await expect(page.getByText('due 6 Mar 2027')).toBeVisible();
    await page.getByRole('link', { name: 'History' }).click();
    await expect(page.getByRole('row', { name: /Joss.*east quay.*west quay/ })).toBeVisible();
    await expect(page.getByRole('row', { name: /Mara.*Mooring cleats.*east quay/ })).toBeVisible();
    await other.context().close();
});

test('a shared tablet shows its clocks to everybody and lets people on by PIN', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'mara');
    await page.goto('/me');
    await page.getByLabel('PIN').fill('4071');
    await page.getByLabel('Your password').fill('lantern-on-the-pier');
    await page.getByRole('button', { name: 'Set it' }).click();
    await expect(page.getByText('Your PIN is set.')).toBeVisible();
    await page.goto('/people');
    await page.getByLabel('where it stands').fill('at the ovens');
    await page.getByRole('button', { name: 'Make it one' }).click();
    await expect(page.getByText('This is the tablet')).toBeVisible();
    await page.locator('summary', { hasText: 'Mara' }).click();
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await page.waitForURL('**/tablet');
    await expect(page.getByText('pull at').first()).toBeVisible();
    await page.getByLabel('Mara Ostwald').check();
    await page.getByLabel('PIN').fill('4072');
    await page.getByRole('button', { name: 'Sign on' }).click();
    await expect(page.getByText('does not belong to that name')).toBeVisible();
    await page.getByLabel('PIN').fill('4071');
    await page.getByRole('button', { name: 'Sign on' }).click();
    await page.waitForURL(`${baseURL}/`);
    await expect(page.getByRole('link', { name: 'People' })).toHaveCount(0);
});
