import { textOf } from '@idle-kettle/words';
import { faultsOf, KitchenDto, VALIDATION, type Kitchen } from '@idle-kettle/contract';
import {
  celsiusToFahrenheit,
  convert,
  fahrenheitToCelsius,
  readAmount,
  type Fault,
  type MeasuresId,
  type JarPreparation,
  type TemperatureScale,
  type UnitSystem,
} from '@idle-kettle/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';

/** The set-up form as typed: numbers are text in the units chosen beside them. */
export type KitchenForm = {
  readonly name: string;
  readonly altitude: string;
  readonly altitudeUnit: 'm' | 'ft';
  readonly waterBoils: string;
  readonly temperature: TemperatureScale;
  readonly units: UnitSystem;
  /** Whose cup, pint and spoon. */
  readonly measures: MeasuresId;
  readonly school: JarPreparation;
};

const asTyped = (value: number, decimals: number): string =>
  String(Number(value.toFixed(decimals)));

/** The form for a kitchen as it stands. */
export function formOf(kitchen: Kitchen): KitchenForm {
  const { altitudeM, altitudeUnit, waterBoilsC, temperature } = kitchen;
  return {
    name: kitchen.name,
    altitude: altitudeM === null ? '' : asTyped(convert(altitudeM, 'm', altitudeUnit), 0),
    altitudeUnit,
    waterBoils:
      waterBoilsC === null
        ? ''
        : asTyped(temperature === 'C' ? waterBoilsC : celsiusToFahrenheit(waterBoilsC), 1),
    temperature,
    units: kitchen.units,
    measures: kitchen.measures,
    school: kitchen.school,
  };
}

/** The same altitude in the other unit; text that is no number stays as it is. */
export function altitudeInUnit(text: string, from: 'm' | 'ft', to: 'm' | 'ft'): string {
  const value = readAmount(text);
  return value === null ? text : asTyped(convert(value, from, to), 0);
}

/** The same reading in the other scale; text that is no number stays as it is. */
export function readingInScale(text: string, from: TemperatureScale, to: TemperatureScale): string {
  const value = readAmount(text);
  if (value === null || from === to) return text;
  return asTyped(to === 'C' ? fahrenheitToCelsius(value) : celsiusToFahrenheit(value), 1);
}

/** Fields of the form that the contract knows by another name. */
const FIELD: Readonly<Record<string, keyof KitchenForm>> = {
  altitudeM: 'altitude',
  waterBoilsC: 'waterBoils',
};

export type FormFault = { readonly field: keyof KitchenForm; readonly message: string };

/** What the form says, as the contract has it: the kitchen, or each field that is wrong. */
export function readForm(
  form: KitchenForm,
):
  | { readonly ok: true; readonly kitchen: KitchenDto }
  | { readonly ok: false; readonly faults: FormFault[] } {
  const altitude = optionalNumber(form.altitude);
  const reading = optionalNumber(form.waterBoils);
  const dto = plainToInstance(KitchenDto, {
    name: form.name,
    altitudeM: altitude === null ? null : convert(altitude, form.altitudeUnit, 'm'),
    waterBoilsC:
      reading === null || form.temperature === 'C' ? reading : fahrenheitToCelsius(reading),
    units: form.units,
    measures: form.measures,
    temperature: form.temperature,
    altitudeUnit: form.altitudeUnit,
    school: form.school,
  });
  const faults = faultsOf(validateSync(dto, VALIDATION)).map(toFormFault);
  return faults.length > 0 ? { ok: false, faults } : { ok: true, kitchen: dto };
}

const toFormFault = ({ field, message }: Fault): FormFault => ({
  field: FIELD[field] ?? (field as keyof KitchenForm),
  message: textOf(message),
});

/** Null for nothing typed; NaN, which the contract refuses, for something that is no number. */
const optionalNumber = (text: string): number | null =>
  text.trim() === '' ? null : (readAmount(text) ?? NaN);
