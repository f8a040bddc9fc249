import { type Text, message } from '@idle-kettle/words/message';
import { findIngredient, type Ingredient } from '../ingredients/index.ts';
import type { Range } from '../quantity/index.ts';
import type { Description } from './description.ts';
import { impossible, MOST_LINE_G, type LineReading, type ToConfirm } from './line.ts';
import { phraseKey } from './words.ts';

type Extras = {
  readonly form: Description['form'];
  readonly ripeness: number | null;
  readonly called: string;
  readonly assumed: Text;
  readonly toConfirm?: ToConfirm | undefined;
  readonly optional?: boolean;
  readonly boughtG?: number;
  readonly byVolume?: true | undefined;
};

/** An understood line, if so much of anything can be. */
export function lineOf(
  text: string,
  ingredient: Ingredient,
  massG: Range,
  extras: Extras,
): LineReading {
  const { form, ripeness, called, assumed, toConfirm, optional, boughtG, byVolume } = extras;
  return (
    impossibleMass(text, massG.high) ?? {
      understood: true,
      text,
      ingredient,
      form:
        form !== null && ingredient.cups[form] !== undefined
          ? form
          : form !== null && ingredient.kind === 'fruit'
            ? form
            : ingredient.usualForm,
      massG,
      ...(boughtG === undefined ? {} : { boughtG }),
      ...(byVolume === undefined ? {} : { byVolume }),
      ...(called === '' ||
      phraseKey(called) === phraseKey(findIngredient(ingredient.id)?.name ?? '')
        ? {}
        : { called }),
      ...(ripeness === null ? {} : { ripeness }),
      ...(assumed === '' ? {} : { assumed }),
      ...(toConfirm === undefined ? {} : { toConfirm }),
      ...(optional === true ? { optional } : {}),
    }
  );
}

/** The checks that hold for every mass, however it was given. */
export function impossibleMass(text: string, massG: number): LineReading | null {
  if (!(massG > 0)) return impossible(text, 'amount', message('parser.theAmountMustBeMore'));
  if (massG > MOST_LINE_G) {
    return impossible(
      text,
      'amount',
      message('parser.thatIsKgOneLine', {
        value: Math.round(massG / 1000).toLocaleString('en-US'),
        value2: MOST_LINE_G / 1000,
      }),
    );
  }
  return null;
}
