import { test, expect, signIn, watch } from './support.mjs';

/** Photo, pins by finger and by keyboard, bag, card, and the code on the card. */
test('a part is photographed, pinned, bagged and its card opens the job', async ({
    page,
    browser,
    baseURL,
}, info) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/find?q=name+bracket');
    await page.getByRole('link', { name: /Street-name brackets/ }).click();
    const job = page.url();
    await page.getByRole('link', { name: /^Pins/ }).click();
    const canvas = await page.evaluate(() => {
        const c = Object.assign(document.createElement('canvas'), { width: 640, height: 420 });
        c.getContext('2d').fillRect(100, 80, 400, 200);
        return c.toDataURL('image/webp').split(',')[1];
    });
    await page
        .getByLabel(/A photo, JPEG/)
        .setInputFiles({ name: 'bracket.webp', mimeType: 'image/webp', buffer: Buffer.from(canvas, 'base64') });
    await page.getByRole('button', { name: 'Keep the photo' }).click();
    await expect(page.getByRole('status')).toContainText('The photo is kept');

    // By finger: the cross goes where the picture was touched, whatever the picture's size on the screen.
    const picture = page.locator('svg[data-place]');
    const image = await picture.locator('image').boundingBox();
    await page.mouse.click(image.x + image.width * 0.25, image.y + image.height * 0.75);
    await expect(page.getByLabel('Across, %')).toHaveValue(/^2[45]\.\d$/);
    await expect(page.getByLabel('Down, %')).toHaveValue(/^7[45]\.\d$/);
    await page.getByLabel('What is there').selectOption('thread');
    await page.getByLabel('Size').fill('5/16 in');
    await page.getByLabel('Note').fill(`for the sign plate ${info.project.name}`);
    await page.getByRole('button', { name: 'Set the pin' }).click();
    await expect(page.getByRole('list', { name: 'Pins' })).toContainText('7.94 mm');

    // By keyboard, and a refusal keeps what was typed.
    await page.waitForLoadState();
    await picture.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('ArrowDown');
    await expect(page.getByLabel('Across, %')).toHaveValue('60.0');
    await expect(page.getByLabel('Down, %')).toHaveValue('51.0');
    await page.getByRole('button', { name: 'Set the pin' }).click();
    await expect(page.getByRole('alert')).toContainText('What is there is not picked');
    await expect(page.getByLabel('Across, %')).toHaveValue('60.0');
    await page.getByLabel('What is there').selectOption('was_like_this');
    await page.getByLabel('Note').fill('plate was riveted, head up');
    await page.getByRole('button', { name: 'Set the pin' }).click();
    await expect(page.getByRole('status')).toContainText(/Pin\s+\d+\s+is\s+in/);

    await page.getByLabel('Bag', { exact: true }).fill(`R-${info.project.name}`);
    await page.getByLabel('Pieces', { exact: true }).fill('480');
    await page.getByLabel('What is in it').fill('rivets');
    await page.getByRole('button', { name: 'Count in' }).click();
    await expect(page.getByRole('region', { name: 'Bags of loose pieces' })).toContainText('480, rivets');

    await page.goto(`${job}/card`);
    const card = page.getByRole('article', { name: /Card of/ });
    await expect(card).toContainText('plate was riveted, head up');
    await expect(card.locator('svg.pinned .pin')).not.toHaveCount(0);
    await expect(card.getByRole('img', { name: /Opens job/ })).toBeVisible();
    if (info.project.name === 'bench') {
        const pdf = await page.pdf({ preferCSSPageSize: true });
        expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
    }

    // Scanned on another tablet: sign in, and there is the job.
    const tablet = await (await browser.newContext()).newPage();
    const troubles = [];
    watch(tablet, troubles, new URL(baseURL).host);
    await tablet.goto(job);
    await tablet.getByLabel('E-mail').fill('orla@lakeside-coating.example');
    await tablet.getByLabel('Password').fill('lantern-on-the-pier');
    await tablet.getByRole('button', { name: 'Sign in' }).click();
    await expect(tablet.getByRole('heading', { name: /Street-name brackets/ })).toBeVisible();
    expect(tablet.url()).toBe(job);
    expect(troubles).toEqual([]);
});
