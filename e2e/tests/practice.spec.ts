import type { CookSession } from '@idle-kettle/contract';
import { pressureAtAltitudePa, saturationTemperatureC } from '@idle-kettle/core';
import type { Page } from '@playwright/test';
import { expect, practice, test } from '../kitchen.ts';

const PROBE_OFF_K = 1.5;

type Range = { readonly low: number; readonly high: number };

/**
 * Does in the page what the screen says, and nothing else, until the debrief: presses what is due,
 * and calls the plate what it looks like.
 * @returns the solids that the screen showed once the pot was off the heat: its range, in %
 */
const obey = (page: Page): Promise<Range> =>
  page.evaluate(
    () =>
      new Promise<Range>((resolve) => {
        const seen = <T extends Element>(selector: string) => document.querySelector<T>(selector);
        let shown: Range | null = null;
        let pressed = '';
        let speed = 60;
        const runAt = (wanted: number) => {
          if (speed === wanted) return;
          speed = wanted;
          [...document.querySelectorAll('button')]
            .find((one) => one.textContent === `${wanted}×`)
            ?.click();
        };
        /**
         * Near the stop the pot is watched more closely, as a cook would, and more closely still
         * before the last: at sixty times a second of a busy machine is a minute of the pot.
         */
        const watchClosely = () => {
          const left = Number.parseFloat(seen('[data-testid=minutes-left]')?.textContent ?? '');
          const boils =
            seen('[data-testid=next-act]')?.textContent?.startsWith('Boil hard') === true;
          if (boils && left <= 5) runAt(Math.min(speed, left <= 1.5 ? 5 : 20));
        };
        const look = () => {
          if (seen('section[aria-label=Debrief]')) {
            clearInterval(timer);
            resolve(shown ?? { low: NaN, high: NaN });
            return;
          }
          const plate = seen<HTMLElement>('[data-testid=your-plate]');
          if (plate) {
            seen<HTMLElement>(`button[data-outcome="${plate.dataset['outcome'] ?? ''}"]`)?.click();
            return;
          }
          const unobserved = seen('[data-testid=unobserved]')?.textContent ?? '';
          if (pressed === 'Take it off the heat' && unobserved.startsWith('Off the heat')) {
            const [low = NaN, high = low] = (seen('[data-testid=solids]')?.textContent ?? '')
              .split('–')
              .map(Number);
            if (!Number.isNaN(low)) shown = { low, high };
          }
          watchClosely();
          const act = seen('[data-testid=next-act]')?.textContent ?? '';
          const press = seen<HTMLElement>('[data-testid=press][data-due=true]');
          // The solids are read before the pot is taken further.
          if (!press || act === pressed || (pressed.startsWith('Take it off') && shown === null))
            return;
          pressed = act;
          press.click();
          if (act.startsWith('Test a drop')) runAt(60);
        };
        const timer = setInterval(look, 50);
      }),
  );

test('a practice cook at sixty times, from cold fruit to the stop, by a script that does what the screen says', async ({
  page,
  kettle,
}) => {
  test.setTimeout(480_000);
  await kettle.setUpKitchen();
  const { id } = await practice(kettle, {
    lines: ['1 kg crushed damsons', '700 g sugar'],
    probeOffsetK: PROBE_OFF_K,
  });
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await page.getByRole('button', { name: 'The probe is in boiling water' }).click();
  await page.getByRole('button', { name: 'It’s steady: use it' }).click();
  // IAPWS-IF97 at the ISA pressure of 1524 m, and what the probe adds.
  const boils = saturationTemperatureC(pressureAtAltitudePa(1524)) + PROBE_OFF_K;
  const taken = (await page.getByTestId('water-boils').textContent()) ?? '';
  expect(Math.abs(Number.parseFloat(taken) - (boils * 1.8 + 32))).toBeLessThan(0.4);

  const shown = await obey(page);

  const { debrief } = await kettle.send<CookSession>('GET', `/cook-sessions/${id}`);
  expect(debrief).not.toBeNull();
  if (debrief === null) return;
  expect(Math.abs(debrief.stoppedC - debrief.stopC)).toBeLessThan(0.5);
  expect(Math.abs(debrief.solublesPct - debrief.targetPct)).toBeLessThan(1);
  expect(debrief.solublesPct).toBeGreaterThan(shown.low - 1);
  expect(debrief.solublesPct).toBeLessThan(shown.high + 1);
  await expect(page.getByTestId('debrief-set')).toHaveText('Stiff set');
  await page.getByRole('link', { name: 'Practice again' }).click();
  await expect(page.getByRole('region', { name: 'Practice so far' })).toContainText('Damson jam');
});
