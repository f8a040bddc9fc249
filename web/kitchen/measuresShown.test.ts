import {
  capacityTyped,
  heightFor,
  lengthCm,
  lengthTyped,
  minorPerKg,
  priceTyped,
} from './measuresShown.ts';

test('a length comes back as it was, to the millimetre', () => {
  for (let mm = 80; mm < 600; mm += 1) {
    expect(lengthCm(lengthTyped(mm / 10, 'us'), 'us')).toBe(mm / 10);
    expect(lengthCm(lengthTyped(mm / 10, 'metric'), 'metric')).toBe(mm / 10);
  }
});

test('a pot’s height follows from its width and what it holds, and the other way round', () => {
  // A pot 11 in across and 5 in high: 475 cubic inches, of which 57.75 are a US quart.
  expect(capacityTyped('11', '5', 'us')).toBe('8.2');
  expect(Number(heightFor('11', '8.23', 'us'))).toBeCloseTo(5, 1);
  expect(heightFor('', '8', 'us')).toBeNull();
  expect(capacityTyped('wide', '5', 'us')).toBe('');
});

test('a price is for the weight that is bought', () => {
  expect(priceTyped(220, 'us')).toBe('1.00');
  expect(minorPerKg('1', 'metric')).toBe(100);
  expect(minorPerKg('x', 'us')).toBeNaN();
});
