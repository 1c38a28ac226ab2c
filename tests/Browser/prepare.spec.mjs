import { test, expect, signIn } from './support.mjs';

/** A closed box of 60 by 40 by 20 mm as text. */
const box = () => {
    const c = (n) => [(n & 1) * 60, ((n >> 1) & 1) * 40, ((n >> 2) & 1) * 20].join(' ');
    const faces = [
        [0, 2, 3, 1],
        [4, 5, 7, 6],
        [0, 1, 5, 4],
        [2, 6, 7, 3],
        [0, 4, 6, 2],
        [1, 3, 7, 5],
    ];
    const facets = faces.flatMap(([a, b, d, e]) => [
        [a, b, d],
        [a, d, e],
    ]);
    const corners = (facet) => facet.map((n) => `vertex ${c(n)}`).join('\n');
    const whole = facets.map((facet) => `facet normal 0 0 0\nouter loop\n${corners(facet)}\nendloop\nendfacet`);
    return `solid box\n${whole.join('\n')}\nendsolid box\n`;
};

test('the metal is found by questions, one after the other', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'mara');
    await page.goto('/jobs/create');
    await page.getByLabel('What is it').fill('Unknown arm');
    await page.getByRole('combobox', { name: 'Customer' }).fill('Chapel keepers');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByLabel('Part', { exact: true }).fill('unknown arm');
    await page.getByRole('button', { name: 'Which metal is it?' }).click();
    await expect(page.getByText('12 possible metals')).toBeVisible();
    await page.getByRole('radio', { name: 'slips off, or barely holds' }).check();
    await page.getByRole('radio', { name: 'light', exact: true }).check();
    await expect(page.getByText('3 possible metals')).toBeVisible();
    await page.getByRole('radio', { name: /^rolled/ }).check();
    await expect(page.getByText('2 possible metals')).toBeVisible();
    await page.getByRole('radio', { name: 'stays quiet' }).check();
    await expect(page.getByText('Aluminium', { exact: true }).first()).toBeVisible();
    // The address tells it, so back and a link work; and the answer goes onto the part.
    expect(page.url()).toContain('magnet=slips');
    await page.getByRole('link', { name: 'write the part down as this' }).click();
    await expect(page.getByLabel('Metal', { exact: true })).toHaveValue('aluminium');
    await expect(page.getByLabel('Part', { exact: true })).toHaveValue('unknown arm');
});

test('a mesh is read, drawn, and refused when it is none', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/jobs/create');
    await page.getByLabel('What is it').fill('Mole steps');
    await page.getByRole('combobox', { name: 'Customer' }).fill('Lake boating club');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByLabel('Part', { exact: true }).fill('step');
    await page.getByLabel('Metal', { exact: true }).selectOption('cast_iron');
    await page.getByLabel('Mass of one').fill('3.1');
    await page.getByLabel('Area of one, all faces').fill('0.11');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('link', { name: 'Part bench' }).first().click();
    const mesh = page.getByLabel(/Or a mesh/);
    await mesh.setInputFiles({
        name: 'cleat.stl',
        mimeType: 'model/stl',
        buffer: Buffer.from(box().slice(0, 400)),
    });
    await page.getByRole('button', { name: 'Read the mesh' }).click();
    await expect(page.getByRole('alert')).toContainText('is where the file stops');
    await mesh.setInputFiles({ name: 'cleat.stl', mimeType: 'model/stl', buffer: Buffer.from(box()) });
    await page.getByRole('button', { name: 'Read the mesh' }).click();
    const shown = page.getByRole('region', { name: 'The mesh' });
    await expect(shown).toContainText('60 mm × 40 mm × 20 mm, 12 triangles');
    await expect(shown.getByRole('img')).toHaveCount(3);
    const canvas = shown.locator('canvas');
    const picture = () => canvas.evaluate((one) => one.toDataURL());
    const straight = await picture();
    await canvas.press('ArrowRight');
    await expect.poll(picture).not.toBe(straight);
    await canvas.press('Home');
    await expect.poll(picture).toBe(straight);
    await expect(page.getByRole('region', { name: 'What it comes to' })).toContainText('0.35 kg');
    await expect(page.getByText('Weighed and built are apart.')).toBeVisible();
    await shown.getByRole('button', { name: 'Take the mesh away' }).click();
    await expect(page.getByText('Nothing is built yet')).toBeVisible();
});

test('a bath is logged and its trend drawn; media remember grease; the air is read', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'joss');
    await page.goto('/station/wash?bath=iron_phosphate');
    await expect(page.getByText(/out\s+of\s+its\s+limits\s+in\s+about/).first()).toBeVisible();
    const points = page.locator('.bath-chart').first().locator('circle');
    const before = await points.count();
    await page.getByLabel('Concentration, %').fill('strong');
    await page.getByRole('button', { name: 'Write the reading down' }).click();
    await expect(page.getByRole('alert')).toContainText('concentration', { ignoreCase: true });
    await expect(page.getByLabel('Concentration, %')).toHaveValue('strong');
    await page.getByLabel('Concentration, %').fill('3,1');
    await page.getByRole('button', { name: 'Write the reading down' }).click();
    await expect(page.getByRole('status')).toContainText('Iron phosphate: written down.');
    await expect(points).toHaveCount(before + 1);

    await page.goto('/station/blast');
    await page.getByRole('button', { name: 'Read the weather station' }).click();
    await expect(page.getByRole('status')).toContainText('The weather station says');
    await page.locator('summary', { hasText: 'Media in the shop' }).click();
    await expect(page.getByText(/Oil\s+from\s+bench\s+end/)).toBeVisible();
    await page.locator('#media').selectOption('garnet');
    await expect(page.getByText(/onto\s+every\s+part:\s+fisheyes/)).toBeVisible();
    await page.locator('summary', { hasText: 'Every medium, why and why not' }).click();
    await expect(page.getByText('Silica sand: not on this part')).toBeVisible();
});

test('a logger teaches the oven', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'mara');
    await page.goto('/station/cure');
    await page.getByRole('region', { name: 'Out of the oven' }).getByRole('link').first().click();
    await page.locator('summary', { hasText: 'A logger was in it' }).click();
    await page
        .getByLabel('Its CSV file')
        .setInputFiles({ name: 'rack.csv', mimeType: 'text/csv', buffer: Buffer.from('time,air\n0,20\n60,hot\n') });
    await page.getByRole('button', { name: 'Read it', exact: true }).click();
    await expect(page.getByRole('alert')).toContainText('line 3');
    await page.getByRole('button', { name: 'Use the simulated logger' }).click();
    await expect(page.getByRole('region', { name: 'By the logger' })).toContainText('dose');
    await page.goto('/ovens');
    await page.getByRole('link', { name: 'change' }).first().click();
    await page.goto('/ovens/1/edit');
    const fit = page.getByRole('region', { name: 'What its logged bakes say' });
    await expect(fit).toContainText('Root mean square of model less measured');
    const found = (
        await fit
            .getByRole('row', { name: /Fan on the parts/ })
            .getByRole('cell')
            .nth(1)
            .textContent()
    ).trim();
    await fit.getByRole('button', { name: 'Take these figures' }).click();
    await expect(page.getByRole('status')).toContainText('those of its logged bakes now');
    expect(Number(await page.getByLabel('Fan on the parts, W/m²K').inputValue())).toBeCloseTo(Number(found), 1);
    await expect(fit).toContainText('The oven works with these figures');
});

test('everything at the benches can be read in pounds and inches', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'orla');
    const units = async (value) => {
        await page.locator('summary', { hasText: 'Quist' }).click();
        await page.getByLabel('Units').selectOption(value);
        await page.getByRole('button', { name: 'Keep' }).click();
    };
    await units('us');
    await page.goto('/station/blast');
    await expect(page.locator('.air-system')).toContainText('psi');
    await expect(page.locator('.air-system')).toContainText('cfm');
    await page.goto('/find?q=handrail');
    await page.getByRole('link', { name: /Handrail ends/ }).click();
    await page.getByRole('link', { name: 'Part bench' }).click();
    await expect(page.locator('.part-drawing').first()).toContainText('1.89 × 1.89 × 12.6 in');
    await page.getByRole('link', { name: 'Pictures and pins' }).click();
    await expect(page.getByRole('list', { name: 'Pins' })).toContainText('0.47 in');
    await page.goto('/station/bake-out');
    await expect(page.locator('main')).toContainText('°F');
    await units('metric');
});
