import { Shaking } from './shaking.ts';

const device = (allowed: boolean, touched = true) => {
  let asked = 0;
  const userActivation = { hasBeenActive: touched };
  const vibrate = () => {
    asked += 1;
    return allowed;
  };
  return { of: { vibrate, userActivation }, userActivation, asked: () => asked };
};

test('a device that shakes is asked each time it rings', () => {
  const { of, asked } = device(true);
  const shaking = new Shaking(of);
  shaking.shake();
  shaking.shake();
  expect(asked()).toBe(2);
});

test('one that says no is not asked again', () => {
  const { of, asked } = device(false);
  const shaking = new Shaking(of);
  for (let i = 0; i < 5; i += 1) shaking.shake();
  expect(asked()).toBe(1);
});

test('a page that nobody has touched does not ask, and does once somebody has', () => {
  const { of, userActivation, asked } = device(true, false);
  const shaking = new Shaking(of);
  shaking.shake();
  expect(asked()).toBe(0);
  userActivation.hasBeenActive = true;
  shaking.shake();
  expect(asked()).toBe(1);
  new Shaking({}).shake();
});
