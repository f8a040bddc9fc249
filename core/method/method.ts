/** What makes it set, which fixes the order of adding and when to stop. */
export type Method =
  | 'long-boil'
  | 'powdered-pectin'
  | 'liquid-pectin'
  | 'low-methoxyl'
  | 'gelling-sugar'
  | 'reduce'
  | 'egg';
