import { test, expect, signIn, later, pressTicks, walkTo } from './support.mjs';

test.use({ serviceWorkers: 'allow' });

/** A job from the counter to the customer, as a person would walk it. */
test('a job walks the whole rail and its bake is computed', async ({ page, baseURL }, info) => {
    const mark = info.project.name;
    await signIn(page, baseURL, 'mara');

    // An oven from four answers, and a powder from its sheet.
    await page.goto('/ovens/create');
    await page.getByLabel('Name').fill(`Pier oven ${mark}`);
    await page.getByLabel('Inside width').fill('1.8');
    await page.getByLabel('Inside height').fill('2');
    await page.getByLabel('Inside depth').fill('3.2 m');
    await page.getByLabel(/Minutes from cold/).fill('25');
    await page.locator('summary', { hasText: 'More from its plate' }).click();
    await page.getByLabel(/Heater, from its plate/).fill('36');
    await page.getByRole('button', { name: 'Work its figures out' }).click();
    await expect(page.getByLabel('Heat the walls take, kJ/K')).toHaveValue(/3\d\d/);

    await page.goto('/powders/create');
    await page.getByLabel('Name').fill(`Pier blue ${mark}`);
    await page.getByLabel('Film from').fill('60');
    await page.getByLabel('Film to').fill('90');
    await page.getByLabel('Metal at').nth(0).fill('180');
    await page.getByLabel('Needs, min').nth(0).fill('18');
    await page.getByLabel('Stands, min').nth(0).fill('10');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('alert')).toContainText("at least the row's min");
    await page.getByLabel('Stands, min').nth(0).fill('60');
    await page.getByLabel('Metal at').nth(1).fill('392 F');
    await page.getByLabel('Needs, min').nth(1).fill('8');
    await page.getByLabel('Stands, min').nth(1).fill('28');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByRole('status')).toContainText('is on the shelf');
    await expect(page.getByRole('row', { name: new RegExp(`Pier blue ${mark}`) })).toContainText(
        '200 °C: 8 min, to 28',
    );

    // Take the job in.
    await page.getByRole('link', { name: 'Take a job in' }).click();
    await page.getByLabel('What is it').fill(`Pier lamps ${mark}`);
    await page.getByRole('combobox', { name: 'Customer' }).fill('Steamer pier company');
    await page.getByLabel('Due').fill('2031-05-02');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await page.getByLabel('Part', { exact: true }).fill('lamp foot');
    await page.getByLabel('How many').fill('3');
    await page.getByLabel('Metal', { exact: true }).selectOption('cast_iron');
    await page.getByLabel('Mass of one').fill('40 lb');
    await page.getByLabel('Mean wall').fill('1/4 in');
    await page
        .getByLabel('Powder')
        .nth(0)
        .selectOption({ label: `Pier blue ${mark}` });
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('18.1 kg, 0.79 m² each, from a mean wall of 6.35 mm')).toBeVisible();
    await page.getByRole('link', { name: /^Job \d+, Pier lamps/ }).click();

    // Walk its route, ticking and signing at each stop; the powder is logged with its lot.
    await walkTo(page, 'Coat', pressTicks);
    await page.getByRole('button', { name: 'Powder is on: log it' }).click();
    await expect(page.getByRole('status')).toContainText(`Pier blue ${mark} is on 3.`);
    await walkTo(page, 'Cure', pressTicks);

    // Hang it: the bake is worked out.
    await page.goto('/station/cure');
    await page.getByRole('checkbox', { name: /lamp foot/ }).check();
    await page.getByLabel('Oven', { exact: true }).selectOption({ label: `Pier oven ${mark}` });
    await page.getByRole('button', { name: 'Hang and work out the bake' }).click();
    await expect(
        page.getByText(/Lamp\s+foot\s+decides:\s+cured,\s+\d+\s+min\s+after\s+the\s+door\s+shuts/),
    ).toBeVisible();
    const bake = page.url();

    // The picture answers the settings.
    const minutes = page.getByRole('textbox', { name: 'Minutes, door shut to pull' });
    const best = await minutes.inputValue();
    await minutes.fill('9');
    await minutes.press('Enter').catch(() => {});
    await minutes.blur();
    await expect(page.getByText(/Too\s+short/)).toBeVisible();
    await page.getByRole('slider', { name: 'Setpoint' }).fill('190');
    await expect(page.getByRole('textbox', { name: 'Setpoint' })).toHaveValue('190');
    await expect(page.getByRole('heading', { name: /at 190 °C, counted 4 ways/ })).toBeVisible();
    await page.getByRole('textbox', { name: 'Setpoint' }).fill('300');
    await page.getByRole('textbox', { name: 'Setpoint' }).blur();
    await expect(page.getByText('Setpoint is 300 °C; allowed: from 40 to 230 °C.')).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Setpoint' })).toHaveValue('300');
    await page.getByRole('button', { name: 'As the house plans' }).click();
    await expect(page.getByRole('textbox', { name: 'Minutes, door shut to pull' })).toHaveValue(best);
    await expect(page.getByText(/lamp\s+foot\s+has\s+a\s+dose\s+of\s+0\.\d+:\s+soft\s+film/i).first()).toBeVisible();

    // The pointer reads values off.
    const chart = page.locator('svg.chart');
    const box = await chart.boundingBox();
    await page.mouse.move(box.x + box.width * 0.5, box.y + box.height * 0.5);
    await expect(page.locator('.readout')).toContainText(
        /minute\s+\d+\.\d:\s+air\s+\d+\s+°C\s+·\s+shell\s+\d+\s+°C\s+·\s+lamp\s+foot\s+\d+\s+°C/,
    );

    // Run it.
    await page.getByRole('button', { name: 'Door is shut: start' }).click();
    await expect(
        page.getByText(/Next:\s+point\s+the\s+thermometer\s+at\s+the\s+lamp\s+foot\s+at\s+(\d+\s+\w+\s+)?\d\d:\d\d/),
    ).toBeVisible();
    await later(page, 14);
    await page.locator('summary', { hasText: 'Thermometer reading' }).click();
    await page.getByRole('button', { name: 'Use the simulated thermometer' }).click();
    await expect(page.getByLabel('It shows')).toHaveValue(/\d{2,3}(\.\d)?/);
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByText(/of\s+what\s+the\s+model\s+thought/)).toBeVisible();
    await expect(page.getByText(/Between\s+(\d+\s+\w+\s+)?\d\d:\d\d\s+and\s+(\d+\s+\w+\s+)?\d\d:\d\d/)).toBeVisible();
    await page.locator('summary', { hasText: 'Something happened' }).click();
    await page.getByLabel('Door opened now, for seconds').fill('45');
    await page.getByRole('button', { name: 'Log', exact: true }).first().click();
    await expect(page.getByText(/door\s+open\s+45\s+s/).first()).toBeVisible();
    await later(page, 40);
    await expect(page.getByText(/Pull it now/)).toBeVisible();
    await page.getByRole('button', { name: 'Pull: it is out' }).click();
    await expect(page.getByText('Too hot to touch for')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Verdict' })).toContainText(/fully\s+cured|over-baked/);

    // Inspect and release.
    await page.getByRole('button', { name: 'Sign, on to Inspect' }).click();
    await page.getByRole('link', { name: 'See it at Inspect' }).click();
    // No solvent on hot metal: the station says how hot it is, and takes film and rub once it has cooled.
    await page.getByLabel('What it did').selectOption('5');
    await page.getByRole('button', { name: 'Write the rub down' }).click();
    await expect(page.getByText(/no solvent before/).first()).toBeVisible();
    await later(page, 150);
    await page.getByRole('textbox', { name: /^Faces/ }).fill('68 74 71 80 66');
    await page.getByRole('button', { name: 'Judge the film' }).click();
    await expect(
        page.getByText(/5\s+readings,\s+mean\s+71\.8\s+µm,\s+least\s+66\s+µm,\s+most\s+80\s+µm/).first(),
    ).toBeVisible();
    await page.getByLabel('What it did').selectOption('5');
    await page.getByRole('button', { name: 'Write the rub down' }).click();
    await expect(page.getByText(/50\s+double\s+rubs\s+of\s+MEK,\s+5\s+of\s+5/)).toBeVisible();
    await walkTo(page, 'Release', pressTicks);
    await page.getByLabel('Note', { exact: true }).last().fill('All three feet counted back.');
    await page.getByRole('button', { name: 'Sign and release' }).click();
    await expect(page.getByRole('heading', { name: new RegExp(`Pier lamps ${mark}`) })).toBeVisible();
    await expect(page.getByText('All three feet counted back.').first()).toBeVisible();

    // The customer's copy prints on one sheet.
    if (mark === 'bench') {
        await page.getByRole('link', { name: 'The customer\'s sheet' }).click();
        await expect(page.getByText('Printed from here')).toBeVisible();
        const pdf = await page.pdf({ preferCSSPageSize: true });
        expect(pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
    }
    await page.goto(bake);
    await expect(page.locator('.mark-pull-label')).toContainText(/^pulled\s+\d+/);
});
