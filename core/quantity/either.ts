import { message, type Text } from '@idle-kettle/words/message';
import { formatAltitude, formatJarSize, formatMass, formatVolume } from './format.ts';
import { celsiusToFahrenheit } from './temperature.ts';

/** A mass in both systems, of which its reader sees one: `1.4 kg`, `3 lb 1.4 oz`. */
export const eitherMass = (massG: number): Text =>
  message('core.either', { metric: formatMass(massG, 'metric'), us: formatMass(massG, 'us') });

/** A volume in both systems, of which its reader sees one: `1.84 L`, `7¾ cups`. */
export const eitherVolume = (volumeMl: number): Text =>
  message('core.either', {
    metric: formatVolume(volumeMl, 'metric'),
    us: formatVolume(volumeMl, 'us'),
  });

/** The size of a jar in both systems, of which its reader sees one: `237 mL`, `8 fl oz`. */
export const eitherJarSize = (volumeMl: number): Text =>
  message('core.either', {
    metric: formatJarSize(volumeMl, 'metric'),
    us: formatJarSize(volumeMl, 'us'),
  });

/** A temperature on both scales, of which its reader sees one: `100.4 °C`, `212.7 °F`. */
export const eitherTemperature = (tempC: number): Text =>
  message('core.eitherTemperature', {
    celsius: tempC.toFixed(1),
    fahrenheit: celsiusToFahrenheit(tempC).toFixed(1),
  });

/** An altitude in both units, of which its reader sees one: `1,524 m`, `5,000 ft`. */
export const eitherAltitude = (altitudeM: number): Text =>
  message('core.either', {
    metric: formatAltitude(altitudeM, 'm'),
    us: formatAltitude(altitudeM, 'ft'),
  });
