/** A line of a formula as it is written, to be read again: `2 lb sugar`, `1½ oz sugar`. */
export const lineIn = (
  unit: 'g' | 'kg' | 'lb' | 'oz' | 'tsp' | 'tbsp' | 'mL',
  amount: number | string,
  name = '',
): string => `${amount} ${unit} ${name}`.trimEnd();

/** A line of a formula in grams: `1200 g sugar`; without a name its amount alone. */
export const lineInGrams = (massG: number, name = ''): string => lineIn('g', massG, name);
