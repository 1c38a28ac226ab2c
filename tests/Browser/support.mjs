/** Debian's own Chromium, kept from calling home. */
export const launchOptions = {
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
};

export const password = 'lantern-on-the-pier';

export const signIn = async (page, base, who) => {
    await page.goto(`${base}/sign-in`);
    await page.getByLabel('E-mail').fill(`${who}@lakeside-coating.example`);
    await page.getByLabel('Password').fill(password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await page.waitForURL(`${base}/`);
};
