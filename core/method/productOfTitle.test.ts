import { productOfTitle } from './productOfTitle.ts';

// How cooks title their recipes; common practice.
test.each([
  ['Overnight slow cooker apple butter', 'butter'],
  ['Spiced pear butter (no sugar)', 'butter'],
  ['Red pepper jelly', 'pepper-jelly'],
  ['Jalapeño-Cranberry JELLY', 'pepper-jelly'],
  ['Mint jelly', 'infusion-jelly'],
  ['Crab apple jelly', 'jelly'],
  ['Seville orange marmalade, thick', 'marmalade'],
  ['Lime curd', 'curd'],
  ['Plum conserve with walnuts', 'conserve'],
  ['Jellied cranberry sauce', 'sauce'],
  ['Strawberry jam', 'jam'],
  ['Peach preserves', 'jam'],
  ['Lemon curd with brown butter', 'curd'],
  ['Raspberry jam with melted butter', 'jam'],
  ['Peanut butter', null],
  ['Damson', null],
  ['', null],
])('“%s” is %s', (title, product) => {
  expect(productOfTitle(title)).toBe(product);
});
