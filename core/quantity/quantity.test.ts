import fc from 'fast-check';
import { gnuUnits } from '../test/gnuUnits.ts';
import { plainNumbers, readAmount } from './amount.ts';
import {
  formatAltitude,
  formatDegrees,
  formatGrams,
  formatCapacity,
  formatClimb,
  formatJarSize,
  formatLength,
  formatOnScale,
  formatMass,
  formatTemperature,
  formatVolume,
  listed,
} from './format.ts';
import { exactly, range } from './range.ts';
import { smoothThrough } from './smooth.ts';
import {
  celsiusDegrees,
  celsiusToFahrenheit,
  fahrenheitDegrees,
  fahrenheitToCelsius,
} from './temperature.ts';
import { convert, unitOf, UNITS, type UnitId } from './units.ts';

/** Our names of units in the words of Debian's `units`. */
const GNU_NAME: Partial<Record<UnitId, string>> = {
  tsp: 'teaspoon',
  tbsp: 'tablespoon',
  'fl oz': 'fluidounce',
  mL: 'ml',
  dL: 'dl',
  L: 'liter',
  lb: 'pound',
  oz: 'ounce',
  in: 'inch',
};
const SI_NAME = { mass: 'kg', volume: 'm^3', length: 'm' } as const;

describe('units', () => {
  test.each([...UNITS.keys()])('%s is what Debian’s units says', (id) => {
    const { si, kind } = unitOf(id);
    expect(si / gnuUnits(GNU_NAME[id] ?? id, SI_NAME[kind])).toBeCloseTo(1, 9);
  });

  test('any value survives the way there and back', () => {
    const ids = [...UNITS.keys()];
    fc.assert(
      fc.property(
        fc.constantFrom(...ids),
        fc.constantFrom(...ids),
        fc.double({ min: 1e-6, max: 1e6, noNaN: true }),
        (from, to, value) => {
          fc.pre(unitOf(from).kind === unitOf(to).kind);
          expect(convert(convert(value, from, to), to, from) / value).toBeCloseTo(1, 12);
        },
      ),
    );
  });

  test('refuses to turn cups into grams, and says why', () => {
    expect(() => convert(1, 'cup', 'g')).toThrow('cup is a volume and g is a mass');
  });
});

describe('temperatures', () => {
  test.each([0, 37, 100, 104.4])('%d °C in °F is what Debian’s units says', (tempC) => {
    expect(celsiusToFahrenheit(tempC)).toBeCloseTo(gnuUnits(`tempC(${tempC})`, 'tempF'), 8);
  });

  test('points and differences survive the way there and back', () => {
    fc.assert(
      fc.property(fc.double({ min: -100, max: 300, noNaN: true }), (tempC) => {
        expect(fahrenheitToCelsius(celsiusToFahrenheit(tempC))).toBeCloseTo(tempC, 9);
        expect(celsiusDegrees(fahrenheitDegrees(tempC))).toBeCloseTo(tempC, 9);
      }),
    );
  });
});

describe('amounts as cooks write them', () => {
  test.each([
    ['2', 2],
    ['1.5', 1.5],
    ['1 1/2', 1.5],
    ['1½', 1.5],
    ['¾', 0.75],
    ['1,400', 1400],
    ['1,5', 1.5],
    ['-3', -3],
    ['−3', -3],
  ])('“%s” is %d', (text, value) => {
    expect(readAmount(text)).toBe(value);
  });

  test.each(['', 'NaN', 'Infinity', 'some', '1 cup', '1/0', '<b>2</b>'])(
    '“%s” is no amount',
    (text) => {
      expect(readAmount(text)).toBeNull();
    },
  );

  test.each([
    ['1,5 kg', '1.5 kg'],
    ['1,400 g', '1400 g'],
    ['10\u202f000 g', '10000 g'],
    ['2 400 g jars', '2 400 g jars'],
    ['plums, stoned', 'plums, stoned'],
  ])('“%s” becomes “%s”', (text, plain) => {
    expect(plainNumbers(text)).toBe(plain);
  });
});

describe('amounts as cooks read them', () => {
  test.each([
    [['peach'], 'peach'],
    [['peach', 'cherry'], 'peach and cherry'],
    [['peach', 'cherry', 'plum'], 'peach, cherry and plum'],
  ])('%j are listed as “%s”', (names, text) => {
    expect(listed(names)).toBe(text);
  });

  test.each([
    [formatGrams(1400), '1,400 g'],
    [formatGrams(7.25), '7.3 g'],
    [formatMass(1400, 'metric'), '1.4 kg'],
    [formatMass(850, 'metric'), '850 g'],
    [formatMass(1400, 'us'), '3 lb 1.4 oz'],
    [formatMass(453.59237, 'us'), '1 lb'],
    [formatMass(453.5, 'us'), '1 lb'],
    [formatMass(200, 'us'), '7.1 oz'],
    [formatVolume(1840, 'metric'), '1.84 L'],
    [formatVolume(350, 'metric'), '350 mL'],
    [formatVolume(236.588, 'us'), '1 cup'],
    [formatVolume(1892.7, 'us'), '8 cups'],
    [formatVolume(354.9, 'us'), '1½ cups'],
    [formatVolume(29.6, 'us'), '2 tbsp'],
    [formatVolume(2.46, 'us'), '½ tsp'],
    [formatVolume(0, 'us'), '0 tsp'],
    [formatTemperature(104.42, 'F'), '220.0 °F'],
    [formatTemperature(104.42, 'C'), '104.4 °C'],
    [formatDegrees(4.444, 'F'), '8.0 °F'],
    [formatAltitude(1524, 'ft'), '5,000 ft'],
  ])('%s', (got, wanted) => {
    expect(got).toBe(wanted);
  });
});

describe('ranges', () => {
  test('must rise', () => {
    expect(() => range(2, 1, 3)).toThrow(RangeError);
    expect(() => range(1, NaN, 3)).toThrow(RangeError);
    expect(exactly(4)).toEqual({ low: 4, typical: 4, high: 4 });
  });
});

describe('a smooth curve through points', () => {
  const points = [
    [0, 0],
    [1, 1],
    [2, 1],
    [3, 5],
  ] as const;
  const curve = smoothThrough(points);

  test('goes through them, and straight on beyond', () => {
    for (const [x, y] of points) expect(curve(x)).toBeCloseTo(y, 12);
    expect(curve(4) - curve(3.5)).toBeCloseTo(curve(5) - curve(4.5), 12);
  });

  test('is level where they are, and never overshoots', () => {
    for (let x = 1; x <= 2; x += 0.05) expect(curve(x)).toBeCloseTo(1, 12);
    for (let x = 0; x < 3; x += 0.05)
      expect(curve(x + 0.05)).toBeGreaterThanOrEqual(curve(x) - 1e-12);
  });

  test('needs two points, x rising', () => {
    expect(() => smoothThrough([[0, 0]])).toThrow(RangeError);
    expect(() =>
      smoothThrough([
        [1, 0],
        [1, 2],
      ]),
    ).toThrow(RangeError);
  });
});

test('a spice is never nothing: below a tenth of an ounce it is in grams', () => {
  expect(formatMass(0.65, 'us')).toBe('0.7 g');
  expect(formatMass(2.9, 'us')).toBe('0.1 oz');
  expect(formatMass(0, 'us')).toBe('0 g');
});

test('a length is in eighths of an inch, or in centimeters', () => {
  expect(formatLength(36, 'us')).toBe('14⅛ in');
  expect(formatLength(36, 'metric')).toBe('36 cm');
});

test('a pot holds quarts or liters, and a jar fluid ounces or milliliters', () => {
  expect(formatCapacity(6000, 'us')).toBe('6.3 qt');
  expect(formatCapacity(6000, 'metric')).toBe('6.0 L');
  expect(formatJarSize(236.6, 'us')).toBe('8 fl oz');
  expect(formatJarSize(236.6, 'metric')).toBe('237 mL');
});

test('degrees beside a drawing have no letter, and past the end a plus', () => {
  expect(formatOnScale(100, 'F')).toBe('212.0°');
  expect(formatOnScale(104.44, 'C')).toBe('104.4°');
  expect(formatClimb(4.44, 'C')).toBe('4.4°');
  expect(formatClimb(5, 'F')).toBe('9.0°');
  expect(formatClimb(-1, 'C')).toBe('+1.0°');
  expect(formatClimb(-0.04, 'C')).toBe('0.0°');
});
