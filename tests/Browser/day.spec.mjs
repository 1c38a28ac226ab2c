import { test, expect, signIn, later, tickHere, walkTo } from './support.mjs';

/** One casting and one steel rail through every preparation bench, to the gun and out of the door. */
const specs = [
    {
        name: 'mooring ring',
        metal: 'cast_iron',
        mass: '9',
        area: '0.32',
        made: 'cast',
        on: ['rust', 'paint', 'grease'],
        strip: /Straight to the blast|Benzyl/,
        line: /Iron phosphate line/,
        bakesOut: true,
    },
    {
        name: 'quay rail',
        metal: 'carbon_steel',
        mass: '14',
        area: '1.1',
        made: 'welded',
        on: ['old powder', 'rust'],
        strip: /Benzyl alcohol stripper/,
        line: /Iron phosphate line/,
        bakesOut: false,
    },
];

const bench = async (page, slug, part) => {
    await page.goto(`/station/${slug}?part=${part}`);
};

for (const spec of specs) {
    test(`a ${spec.name} walks a day through all benches`, async ({ page, baseURL }, info) => {
        const title = `${spec.name} ${info.project.name}`;
        await signIn(page, baseURL, 'mara');
        await page.goto('/jobs/create');
        await page.getByLabel('What is it').fill(`Day of the ${title}`);
        await page.getByRole('combobox', { name: 'Customer' }).fill('Lake boating club');
        await page.getByRole('button', { name: 'Take it in' }).click();
        await page.getByLabel('Part', { exact: true }).fill(title);
        await page.getByLabel('How many').fill('2');
        await page.getByLabel('Metal', { exact: true }).selectOption(spec.metal);
        await page.getByLabel('Mass of one').fill(spec.mass);
        await page.getByLabel('Area of one, all faces').fill(spec.area);
        await page.getByLabel('Powder').nth(0).selectOption({ label: 'Promenade green, fine texture' });
        await page.getByRole('button', { name: 'Save' }).click();
        const job = new URL(
            await page.getByRole('link', { name: /^Job \d+, Day of/ }).getAttribute('href'),
            baseURL,
        ).href;

        // At the counter the talk goes on: what is on it, and what the app says to that as it is ticked.
        const part = page.url().match(/parts\/(\d+)/)[1];
        await page.getByLabel('Made how').selectOption(spec.made);
        await page.getByLabel('Where will it live').selectOption('outdoors');
        for (const on of spec.on) await page.getByRole('checkbox', { name: on, exact: true }).check();
        await page.getByLabel('Old paint or powder, tested').selectOption('none');
        await expect(page.locator('#answer')).toContainText('zinc-rich primer', { ignoreCase: true });
        await expect(page.getByRole('region', { name: 'At the counter' })).toContainText(
            'first idea of cost for 2',
        );
        await expect(page.locator('#answer')).toContainText('Pits the rust has eaten');
        // One coat on steel outdoors: the customer refuses the primer, and signs for it.
        await page.getByRole('button', { name: 'Save', exact: true }).click();
        await page.settled();
        await expect(page.locator('#answer')).toContainText('has no primer');
        // The paint is tested: what is left to sign is the primer.
        await expect(page.locator('#answer')).not.toContainText('was not tested');
        await page.getByLabel('Name of who signs').first().fill('L. Brandeis, boating club');
        await page.getByRole('button', { name: 'Sign', exact: true }).first().click();
        await expect(page.locator('#answer')).toContainText('It can go on');

        // A thread and a bearing face, pinned on the drawing.
        await page.goto(`/parts/${part}/pins`);
        for (const [kind, size, bare] of [
            ['thread', '12', false],
            ['face', '60', true],
        ]) {
            await page.getByLabel('What is there').selectOption(kind);
            await page.getByLabel('Across, %').fill('40');
            await page.getByLabel('Down, %').fill(bare ? '70' : '30');
            await page.getByLabel('Size').fill(size);
            if (bare) await page.getByRole('checkbox', { name: /Must stay bare/ }).check();
            await page.getByRole('button', { name: 'Set the pin' }).click();
        }
        await page.goto(job);
        await walkTo(page, 'Strip');

        // Strip: the way, and a clock.
        await bench(page, 'strip', part);
        await expect(page.locator('.verdict strong').first()).toContainText(spec.strip);
        await page
            .getByRole('button', { name: /start its clock/ })
            .first()
            .click();
        await expect(page.getByRole('status')).toContainText('the clock runs');
        await later(page, 125);
        await page
            .getByRole('button', { name: /: done$/ })
            .first()
            .click();
        await expect(page.getByText(/Done\s+(\d+\s+\w+\s+)?\d\d:\d\d,\s+after/).first()).toBeVisible();
        await walkTo(page, 'Blast');

        // Blast: the air by hand, the minutes logged, bare steel on the clock.
        await bench(page, 'blast', part);
        await page.locator('summary', { hasText: 'By hand' }).click();
        await page.getByRole('textbox', { name: /^Air/ }).fill('20');
        await page.getByLabel('Humidity, %').fill('38');
        await page.getByRole('button', { name: 'Write down' }).first().click();
        await bench(page, 'blast', part);
        await expect(page.getByText('Bare steel may stand 8 h.')).toBeVisible();
        const planned = page.locator('#blast .num').first();
        const before = await planned.textContent();
        await page.getByLabel('Pressure wanted').fill('3');
        await page.getByLabel('Pressure wanted').press('Tab');
        await expect(planned).not.toHaveText(before);
        await page.getByLabel('It took, min').fill('25');
        await page.getByRole('button', { name: 'Blasted: log it' }).click();
        await expect(page.getByText(/Bare\s+steel:\s+first\s+powder\s+on\s+by/)).toBeVisible();
        if (spec.bakesOut) {
            // Bake out, where it gasses.
            await walkTo(page, 'Bake out');
            await page.getByRole('checkbox', { name: new RegExp(title) }).check();
            await page.getByLabel('Oven', { exact: true }).selectOption({ label: 'Yard oven' });
            await page.getByRole('button', { name: 'Work out the bake-out' }).click();
            await expect(page.getByText(new RegExp(`${title} decides: hot enough`, 'i'))).toBeVisible();
            await page.getByRole('button', { name: 'Door is shut: start' }).click();
            await expect(page.getByText(/pull\s+at\s+(\d+\s+\w+\s+)?\d\d:\d\d/).first()).toBeVisible();
            await later(page, 130);
            await page.getByRole('button', { name: 'Pull: it is out' }).click();
            await expect(page.getByText('Baked out.')).toBeVisible();
            await later(page, 90);
            await bench(page, 'bake-out', part);
        }
        await walkTo(page, 'Wash');

        await bench(page, 'wash', part);
        await expect(page.getByText(spec.line)).toBeVisible();
        await page.getByRole('button', { name: /Iron phosphate.*start its clock/ }).click();
        await later(page, 3);
        await page.getByRole('button', { name: /Iron phosphate.*: done/ }).click();
        await expect(page.getByRole('status')).toContainText('Iron phosphate: done.');
        await walkTo(page, 'Mask and hang');

        // Masks from the shelf, the rack, the ground.
        await bench(page, 'mask-and-hang', part);
        await expect(page.getByText('2 × plug 10 to 14')).toBeVisible();
        for (const pin of [1, 2]) {
            const on = page.getByRole('button', { name: `Pin ${pin}: they are on` });
            if (await on.count()) await on.click();
        }
        await page.getByRole('textbox', { name: /^Pitch/ }).fill('600');
        await page.getByRole('textbox', { name: 'Across' }).fill('2');
        await page.getByRole('button', { name: 'Hang it so' }).click();
        await expect(page.getByRole('status')).toContainText('how much of its wall the part sees');
        await page.getByLabel('Part to ground').fill('2.5');
        await page.getByLabel('in', { exact: true }).selectOption('1000000');
        await page.getByRole('button', { name: 'Save reading' }).click();
        await tickHere(page);
        await page.getByRole('button', { name: /sign, on to Coat/ }).click();
        await expect(page.getByRole('alert')).toContainText('to earth measures 2.5 MΩ');
        await page.getByLabel('Part to ground').fill('180');
        await page.getByRole('button', { name: 'Save reading' }).click();
        await bench(page, 'mask-and-hang', part);
        await walkTo(page, 'Coat');
        await page.getByRole('button', { name: 'Powder is on: log it' }).click();
        await walkTo(page, 'Cure');
        await page.goto('/station/cure');
        await page.getByRole('checkbox', { name: new RegExp(title) }).check();
        await page.getByLabel('Oven', { exact: true }).selectOption({ label: 'Yard oven' });
        await page.getByRole('button', { name: 'Hang and work out the bake' }).click();
        await page.getByRole('button', { name: 'Door is shut: start' }).click();
        const minutes = Number(await page.locator('#board [data-until]').first().getAttribute('data-until'));
        expect(minutes).toBeGreaterThan(0);
        await later(page, 35);
        await page.getByRole('button', { name: 'Pull: it is out' }).click();
        await later(page, 150);
        await page.goto(job);
        await walkTo(page, 'Inspect');
        await walkTo(page, 'Release');

        // Nothing leaves with a plug in it.
        await expect(page.getByRole('button', { name: 'Sign and release' })).toBeDisabled();
        for (const pin of [1, 2]) {
            await page.getByLabel(new RegExp(`pin ${pin} .* on$`)).fill('2');
            await page.getByRole('button', { name: `Count off pin ${pin}` }).click();
        }
        await page.getByLabel('Who looked').fill('M. Ostwald');
        await page.getByRole('button', { name: /Sign bare: Pin 2/ }).click();
        await page.getByLabel('Note').first().fill('All off, face bare.');
        await page.getByRole('button', { name: 'Sign and release' }).click();
        await expect(page.getByText('All off, face bare.').first()).toBeVisible();
    });
}

test('the pot shows what a wrong move does, and scores a right one', async ({ page, baseURL }) => {
    await signIn(page, baseURL, 'orla');
    await page.goto('/practice/checklist');
    await expect(page.getByRole('heading', { name: 'Start up' })).toBeVisible();
    await page.locator('summary', { hasText: 'Quist' }).click();
    await page.getByRole('button', { name: 'Sign out' }).click();
    await signIn(page, baseURL, 'joss');
    await page.goto('/practice/plug');
    await page.getByRole('button', { name: 'Begin again' }).click();
    await page.getByRole('button', { name: 'Lift the safety valve' }).click();
    await expect(page.getByText('Stuck safety valve.')).toBeVisible();
    await page.getByRole('button', { name: 'Begin again' }).click();
    await page.getByRole('button', { name: 'Shut the choke' }).click();
    await page.getByRole('button', { name: 'Open the choke' }).click();
    await expect(page.getByText(/100\s+of\s+100/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Open the choke' })).toBeDisabled();
});
