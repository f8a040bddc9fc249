import { altitudeAtPressureM, pressureAtAltitudePa } from './atmosphere.ts';
import { saturationPressurePa, saturationTemperatureC } from './saturation.ts';

/** What the air of a kitchen does to a boiling pot. */
export type Ambient = {
  readonly pressurePa: number;
  /** Temperature at which plain water boils here, in °C. */
  readonly waterBoilsC: number;
  /** Altitude by which processing times are looked up: the higher of the place and its air. */
  readonly processingAltitudeM: number;
  readonly basis: 'assumed sea level' | 'altitude' | 'measured boiling water';
};

/** Where a kitchen lies, and what boiling water shows there; null where it is not known. */
export type Place = {
  /** Metres above sea level; null when not given. */
  readonly altitudeM: number | null;
  /** Measured boiling point of plain water, in °C; overrides the altitude; null when not given. */
  readonly waterBoilsC: number | null;
};

/**
 * Pressure and boiling water of a place. A measured boiling point overrides the altitude for the
 * stop point, since it holds the weather and the thermometer too; processing times go by
 * whichever of the two asks for longer.
 * @throws RangeError when the altitude or the pressure lies outside the models
 */
export function ambientOf({ altitudeM, waterBoilsC }: Place): Ambient {
  if (waterBoilsC !== null) {
    const pressurePa = saturationPressurePa(waterBoilsC);
    return {
      pressurePa,
      waterBoilsC,
      processingAltitudeM: Math.max(altitudeM ?? 0, altitudeAtPressureM(pressurePa)),
      basis: 'measured boiling water',
    };
  }
  const pressurePa = pressureAtAltitudePa(altitudeM ?? 0);
  return {
    pressurePa,
    waterBoilsC: saturationTemperatureC(pressurePa),
    processingAltitudeM: altitudeM ?? 0,
    basis: altitudeM === null ? 'assumed sea level' : 'altitude',
  };
}
