import { readPlanRequest, KitchenDto, BatchDto, RecipeDto, VALIDATION, faultsOf } from './index.ts';
import {
  planBatch,
  BARE_KITCHEN,
  planInKitchen,
  requestInKitchen,
  type PlanningKitchen,
} from '@idle-kettle/core';
import { inWords } from '@idle-kettle/words';
import { plainToInstance } from 'class-transformer';
import type { ValidationMetadata } from 'class-validator/types/metadata/ValidationMetadata.js';
import { getMetadataStorage, validateSync } from 'class-validator';

const fieldsOf = (json: unknown) => {
  const read = readPlanRequest(json);
  return read.ok ? [] : read.faults.map(({ field }) => field);
};

test('every rule of every request answers from the catalogue', () => {
  const storage = getMetadataStorage() as unknown as {
    readonly validationMetadatas: ReadonlyMap<object, readonly ValidationMetadata[]>;
  };
  const rules = [...storage.validationMetadatas.values()]
    .flat()
    .filter(({ type }) => type !== 'conditionalValidation');
  const own = rules.filter(
    ({ type, message }) =>
      type !== 'customValidation' && !(typeof message === 'string' && message.startsWith('{')),
  );
  expect(rules.length).toBeGreaterThan(200);
  expect(own.map(({ target, propertyName }) => `${String(target)} ${propertyName}`)).toEqual([]);
});

describe('a plan request', () => {
  test('needs only lines; the rest has defaults', () => {
    const read = readPlanRequest({ lines: ['1 kg plums'] });
    expect(read).toMatchObject({
      ok: true,
      request: {
        product: 'jam',
        method: null,
        lines: ['1 kg plums'],
        altitudeM: null,
        targetSolublesPct: null,
        heat: 'medium-burner',
        boilMin: null,
        packs: [],
        measured: { startBrix: null, startPH: null },
        assurance: { testedFormula: null, meterPH: null },
        school: 'ten-minute',
        canner: 'boiling-water',
        jars: [{ name: 'half-pint', volumeMl: 237, count: null }],
        seed: 1,
        draws: 2000,
        netPowerKw: null,
      },
    });
  });

  test('takes everything the contract names', () => {
    const json = {
      product: 'jam',
      method: 'long-boil',
      lines: [
        '1 kg plums',
        { ingredient: 'sugar', massG: 800, form: 'grains' },
        { ingredient: 'plum', massG: 100, state: 'frozen', ripeness: 0.3 },
      ],
      heat: 'outdoor-ring',
      boilMin: 4,
      packs: [{ ingredient: 'powdered-pectin', packG: 57, pectinG: 20 }],
      measured: { startBrix: 41, startPH: 3.3 },
      assurance: { testedFormula: 'Leaflet 7', meterPH: 3.9 },
      altitudeM: 10,
      waterBoilsC: 99,
      pot: { diameterCm: 28, heightCm: 16 },
      target: { solublesPct: 66 },
      jars: [{ name: 'pint', volumeMl: 473, count: 4 }],
      school: 'sterilised',
      canner: 'steam',
      seed: 3,
      draws: 500,
      netPowerKw: 1.8,
    };
    const read = readPlanRequest(json);
    expect(read).toMatchObject({
      ok: true,
      request: {
        lines: json.lines,
        pot: json.pot,
        targetSolublesPct: 66,
        heat: json.heat,
        packs: json.packs,
        measured: json.measured,
        assurance: json.assurance,
      },
    });
  });

  test('null stands for not given', () => {
    expect(
      fieldsOf({ lines: [], altitudeM: null, waterBoilsC: null, pot: null, method: null }),
    ).toEqual([]);
  });

  test.each<[string, unknown, string]>([
    ['no lines', {}, 'lines'],
    ['lines that are no list', { lines: '1 kg plums' }, 'lines'],
    ['a line that is a number', { lines: [3] }, 'lines[0].text'],
    ['a weighed line without a mass', { lines: [{ ingredient: 'plum' }] }, 'lines[0].massG'],
    ['a mass in words', { lines: [{ ingredient: 'plum', massG: '2 kg' }] }, 'lines[0].massG'],
    [
      'a form nobody knows',
      { lines: [{ ingredient: 'plum', massG: 1, form: 'melted' }] },
      'lines[0].form',
    ],
    ['10 000 lines', { lines: Array(10_000).fill('1 g sugar') }, 'lines'],
    ['NaN', { lines: [], altitudeM: NaN }, 'altitudeM'],
    ['an altitude in words', { lines: [], altitudeM: '5000 ft' }, 'altitudeM'],
    ['an altitude in space', { lines: [], altitudeM: 40_000 }, 'altitudeM'],
    ['water boiling at 50 °C', { lines: [], waterBoilsC: 50 }, 'waterBoilsC'],
    ['a pot that is a number', { lines: [], pot: 5 }, 'pot'],
    ['a pot without height', { lines: [], pot: { diameterCm: 28 } }, 'pot.heightCm'],
    ['a target beyond jam', { lines: [], target: { solublesPct: 99 } }, 'target.solublesPct'],
    [
      'a jar with markup for a name',
      { lines: [], jars: [{ name: '<b>jar</b>', volumeMl: 237 }] },
      'jars[0].name',
    ],
    ['a negative jar', { lines: [], jars: [{ name: 'jar', volumeMl: -1 }] }, 'jars[0].volumeMl'],
    ['no jar at all', { lines: [], jars: [] }, 'jars'],
    ['a school nobody follows', { lines: [], school: 'oven' }, 'school'],
    ['a product nobody makes', { lines: [], product: 'pickle' }, 'product'],
    ['a method nobody uses', { lines: [], method: 'wishing' }, 'method'],
    ['a heat nobody has', { lines: [], heat: 'sun' }, 'heat'],
    [
      'a ripeness beyond rotten',
      { lines: [{ ingredient: 'plum', massG: 1, ripeness: 2 }] },
      'lines[0].ripeness',
    ],
    ['a meter reading of water', { lines: [], assurance: { meterPH: 9 } }, 'assurance.meterPH'],
    [
      'a pack of nothing',
      { lines: [], packs: [{ ingredient: 'pectin', packG: 0, pectinG: 0 }] },
      'packs[0].packG',
    ],
    ['too many draws', { lines: [], draws: 1e9 }, 'draws'],
    ['a burner like a forge', { lines: [], netPowerKw: 900 }, 'netPowerKw'],
    ['half a draw', { lines: [], draws: 100.5 }, 'draws'],
    ['a key that is not there', { lines: [], sugar: 3 }, 'sugar'],
    ['a list', [], ''],
    ['nothing', null, ''],
  ])('names the field for %s, once', (_, json, field) => {
    expect(fieldsOf(json)).toEqual([field]);
  });

  test('each message says what would be right', () => {
    const read = readPlanRequest({ lines: [], altitudeM: 40_000, foo: 1 });
    expect(inWords(read)).toMatchObject({
      faults: [
        { field: 'foo', message: 'There is no such key here. Check its spelling.' },
        { field: 'altitudeM', message: 'altitudeM must be a number from -450 to 5,500 m.' },
      ],
    });
  });

  test('a name that looks like a placeholder of the validator stays as it was written', () => {
    const jar = { name: '$value "$property" $1', volumeMl: 237 };
    const read = readPlanRequest({ lines: ['1 kg plums'], jars: [jar, jar] });
    expect(inWords(read)).toMatchObject({
      faults: [
        {
          field: 'jars',
          message: 'Two of them have the name “$value "$property" $1”. Give each its own.',
        },
      ],
    });
  });
});

describe('forms', () => {
  const faults = (dto: object) => faultsOf(validateSync(dto, VALIDATION)).map(({ field }) => field);
  const kitchen = {
    name: 'Mine',
    altitudeM: 0,
    waterBoilsC: null,
    units: 'us',
    temperature: 'F',
    altitudeUnit: 'ft',
    school: 'sterilised',
  };

  test('a kitchen', () => {
    expect(faults(plainToInstance(KitchenDto, kitchen))).toEqual([]);
    const wrong = { ...kitchen, name: '  ', altitudeM: 1e6, waterBoilsC: 20, units: 'stone' };
    expect(faults(plainToInstance(KitchenDto, wrong))).toEqual([
      'name',
      'altitudeM',
      'waterBoilsC',
      'units',
    ]);
  });

  test('what stands in a kitchen', () => {
    const stands = {
      ...kitchen,
      canner: 'steam',
      pots: [{ name: 'wide', diameterCm: 30, heightCm: 14 }],
      burners: [{ name: 'ring', heat: 'outdoor-ring', netPowerKw: 4 }],
      jars: [{ name: 'pint', volumeMl: 473, count: 3, prefer: true, gift: 1 }],
      packs: [{ ingredient: 'powdered-pectin', packG: 57, pectinG: 20 }],
      prices: [{ ingredient: 'sugar', minorPerKg: 120 }],
      currency: 'EUR',
    };
    expect(faults(plainToInstance(KitchenDto, stands))).toEqual([]);
    const wrong = {
      ...stands,
      canner: 'oven',
      pots: [{ name: 'hole', diameterCm: 0, heightCm: 14 }],
      burners: [{ name: 'sun', heat: 'sun' }],
      prices: [{ ingredient: 'sugar', minorPerKg: -1 }],
      currency: 'dollars',
    };
    expect(faults(plainToInstance(KitchenDto, wrong))).toEqual([
      'canner',
      'pots[0].diameterCm',
      'burners[0].heat',
      'prices[0].minorPerKg',
      'currency',
    ]);
  });

  test('a card, with the settings of its formula', () => {
    const card = { name: 'Plum', lines: ['1 kg plums'], settings: { product: 'butter' }, note: '' };
    expect(faults(plainToInstance(RecipeDto, card))).toEqual([]);
    expect(
      faults(plainToInstance(RecipeDto, { ...card, settings: { product: 'pickle', zorp: 1 } })),
    ).toEqual(['settings.zorp', 'settings.product']);
  });

  test('a batch, its name trimmed', () => {
    const dto = plainToInstance(BatchDto, { name: '  Plum  ', lines: ['1 kg plums'] });
    expect(faults(dto)).toEqual([]);
    expect(dto.name).toBe('Plum');
    expect(faults(plainToInstance(BatchDto, { name: '<script>', lines: [] }))).toEqual([
      'name',
      'lines',
    ]);
    expect(faults(plainToInstance(BatchDto, { name: 'Plum', lines: ['x'.repeat(1e6)] }))).toEqual([
      'lines',
    ]);
  });
});

describe('planning in a kitchen', () => {
  const place: PlanningKitchen = { ...BARE_KITCHEN, altitudeM: 1524, school: 'sterilised' };
  const equipped = {
    ...place,
    pots: [
      { name: 'wide', diameterCm: 30, heightCm: 14 },
      { name: 'tall', diameterCm: 20, heightCm: 30 },
    ],
    burners: [{ name: 'big', heat: 'large-burner' as const }],
    jars: [{ name: 'pint', volumeMl: 473, count: 3 }],
  };
  const plums = { lines: ['2 kg plums', '1.4 kg sugar'], settings: {} };

  test('uses its place and habits', () => {
    expect(planInKitchen(plums, place)).toMatchObject({
      ok: true,
      plan: { process: { minutes: 10, presterilise: true }, stop: { waterBoilsC: 94.903 } },
    });
  });

  test('names the line that is impossible', () => {
    expect(planInKitchen({ lines: ['-2 kg plums'], settings: {} }, place)).toMatchObject({
      ok: false,
      faults: [{ field: 'lines[0]' }],
    });
  });

  test('a slow cooker and a roasting pan bring their own pot, whatever stands beside them', () => {
    const on = (heat: 'slow-cooker-high' | 'oven' | 'small-burner') =>
      requestInKitchen(
        { lines: plums.lines, settings: { pot: 'tall' } },
        { ...equipped, burners: [{ name: 'it', heat }] },
      ).pot;
    expect(on('small-burner')).toEqual({ diameterCm: 20, heightCm: 30 });
    expect(on('slow-cooker-high')).toEqual({ diameterCm: 25, heightCm: 14 });
    expect(on('oven')).toEqual({ diameterCm: 35, heightCm: 9 });
  });

  test('uses its pots, burners and jars: the first, or the one that is named', () => {
    const request = (settings: object) =>
      requestInKitchen({ lines: plums.lines, settings }, equipped);
    expect(request({})).toMatchObject({
      pot: { diameterCm: 30, heightCm: 14 },
      heat: 'large-burner',
      jars: [{ name: 'pint', volumeMl: 473, count: 3, prefer: false, gift: 0 }],
    });
    expect(request({ pot: 'tall' }).pot).toEqual({ diameterCm: 20, heightCm: 30 });
    expect(request({ pot: 'gone' }).pot).toEqual({ diameterCm: 30, heightCm: 14 });
    expect(requestInKitchen(plums, place)).toMatchObject({ pot: null, heat: 'medium-burner' });
  });

  test('gives the same plan as a written request', () => {
    const formula = {
      lines: plums.lines,
      settings: { product: 'butter' as const, targetSolublesPct: 45, measured: { startPH: 3.4 } },
    };
    const read = readPlanRequest({
      lines: plums.lines,
      product: 'butter',
      target: { solublesPct: 45 },
      measured: { startPH: 3.4 },
      altitudeM: 1524,
      school: 'sterilised',
    });
    expect(read.ok && planBatch(read.request)).toEqual(planInKitchen(formula, place));
  });
});
