import { formatTemperature, type Plan } from '@idle-kettle/core';
import { answerOf } from '../cli.ts';
import { expect, test, turnLabel, typeLines } from '../kitchen.ts';

const LINES = ['2 kg crushed blackberries', '1.4 kg sugar'];

for (const { altitudeM, ruleF, minutes } of [
  { altitudeM: 0, ruleF: [219.5, 220.5], minutes: 5 },
  { altitudeM: 1524, ruleF: [210, 211.5], minutes: 10 },
] as const) {
  test(`at ${altitudeM} m the command line, the API and the browser give the same plan`, async ({
    page,
    kettle,
  }) => {
    const request = { lines: LINES, altitudeM, school: 'sterilised' };
    const fromCli = await answerOf<Plan>('plan', JSON.stringify(request));
    const fromApi = await kettle.send<Plan>('POST', '/plan', request);
    expect(fromApi).toEqual(fromCli);

    expect(fromCli.stop.ruleTempF).toBeGreaterThanOrEqual(ruleF[0]);
    expect(fromCli.stop.ruleTempF).toBeLessThanOrEqual(ruleF[1]);
    expect(fromCli.process.minutes).toBe(minutes);
    const { p10, p90 } = fromCli.yield?.volumeMl ?? { p10: NaN, p90: NaN };
    expect(p10 / 237).toBeGreaterThanOrEqual(7.3);
    expect(p90 / 237).toBeLessThanOrEqual(8.9);

    await kettle.setUpKitchen({ altitudeM });
    await page.goto(`${kettle.address}/batches/new`);
    await typeLines(page, LINES);
    const { stop, yield: jars, finish, process: canner } = fromCli;
    await expect(page.getByTestId('stop')).toHaveText(formatTemperature(stop.tempC ?? NaN, 'F'));
    await expect(page.getByTestId('jars')).toHaveText(
      `${jars?.fullJars.p10}–${jars?.fullJars.p90} half-pints`,
    );
    await expect(page.getByTestId('process')).toHaveText(`${canner.minutes} min`);
    await turnLabel(page);
    await expect(page.getByTestId('per100g')).toHaveText(
      `${Math.round(finish?.fruitPer100g ?? NaN)} g fruit · ${Math.round(finish?.sugarsPer100g ?? NaN)} g sugars`,
    );
    await expect(page.getByTestId('rule-stop')).toHaveText(formatTemperature(stop.ruleTempC, 'F'));

    // The plan that the browser worked out is the one that the server keeps when it is saved.
    await page.getByRole('button', { name: 'Save batch' }).click();
    await expect(page.getByTestId('save-state')).toContainText('Saved');
    const plan = async () => (await kettle.batches())[0]?.plan ?? null;
    await expect.poll(plan).not.toBeNull();
    expect({ ...(await plan()), methodReason: '' }).toEqual({ ...fromCli, methodReason: '' });
  });
}

/** Every figure that the label shows, for each kind of stop, beside what the command line says. */
for (const { product, lines } of [
  {
    product: 'jam',
    lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'],
  },
  { product: 'butter', lines: ['2 kg chopped apples', '300 g sugar'] },
  {
    product: 'curd',
    lines: ['1 cup bottled lime juice', '4 eggs', '7 egg yolks', '2½ cups sugar', '¾ cup butter'],
  },
] as const) {
  test(`the figures of a ${product} are those of the command line`, async ({ page, kettle }) => {
    const request = { product, lines, altitudeM: 1524, school: 'sterilised' };
    const plan = await answerOf<Plan>('plan', JSON.stringify(request));
    await kettle.setUpKitchen();
    const { id } = await kettle.send<{ id: string }>('POST', '/batches', {
      name: 'Same',
      lines,
      settings: { product },
    });
    await page.goto(`${kettle.address}/batches/${id}`);
    const { stop, minutes, yield: jars, shelf, process: canner, finish, label, gauges } = plan;
    await expect(page.getByTestId('stop')).toHaveText(
      stop.boilMin === null
        ? formatTemperature(stop.tempC ?? NaN, 'F')
        : `${stop.boilMin} min at a full rolling boil`,
    );
    const ends = [minutes?.p10, minutes?.p90].map((value) => Math.round(value ?? NaN));
    await expect(page.getByTestId('minutes')).toHaveText(
      ends[0] === ends[1] ? `${ends[0]} min` : `${ends[0]}–${ends[1]} min`,
    );
    const { p10, p90 } = jars?.fullJars ?? { p10: NaN, p90: NaN };
    await expect(page.getByTestId('jars')).toHaveText(
      p10 === p90 ? `${p90} half-pints` : `${p10}–${p90} half-pints`,
    );
    await expect(page.getByTestId('shelf')).toHaveText(`Pantry, ${shelf.months} months`);
    await expect(page.getByTestId('process')).toHaveText(`${canner.minutes} min`);
    await turnLabel(page);
    await expect(page.getByTestId('per100g')).toHaveText(
      `${Math.round(finish?.fruitPer100g ?? NaN)} g fruit · ${Math.round(finish?.sugarsPer100g ?? NaN)} g sugars`,
    );
    await expect(page.getByTestId('spoon')).toHaveText(
      `${label?.spoon.sugarsG} g sugars · ${label?.spoon.energyKcal} kcal`,
    );
    for (const gauge of gauges ?? []) {
      await expect(page.getByTestId(`gauge-${gauge.id}`)).toHaveAttribute(
        'aria-valuenow',
        String(gauge.value.p50),
      );
    }
  });
}
