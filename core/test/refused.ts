import type { Product } from '../method/index.ts';

/** A batch that must not reach the pantry, whatever is done with its jars. */
export type Refused = {
  readonly name: string;
  readonly product?: Product;
  readonly lines: readonly string[];
};

/** The classes that common practice and extension guidance keep off the shelf, a batch of each. */
export const REFUSED: readonly Refused[] = [
  { name: 'melon with a spoon of lemon', lines: ['2.27 kg diced melon', '1.13 kg sugar', '22 mL lemon juice'] },
  { name: 'banana', lines: ['1 kg bananas', '1 kg sugar', '60 mL lemon juice'] },
  { name: 'papaya', lines: ['1 kg papaya', '1 kg sugar'] },
  { name: 'ripe mango', lines: ['1 kg ripe mangoes', '800 g sugar'] },
  { name: 'figs without lemon', lines: ['2 kg figs', '1 kg sugar'] },
  { name: 'Asian pear', lines: ['2 kg Asian pears', '1 kg sugar'] },
  { name: 'elderberries without lemon', lines: ['2 kg elderberries', '1.4 kg sugar'] },
  { name: 'tomatoes without acid', lines: ['2 kg tomatoes', '1 kg sugar'] },
  { name: 'pumpkin butter', product: 'butter', lines: ['2 kg pumpkin puree', '500 g sugar'] },
  { name: 'squash butter', product: 'butter', lines: ['2 kg butternut squash', '500 g sugar'] },
  { name: 'apples with pumpkin', lines: ['1 kg apples', '1 kg pumpkin', '1.4 kg sugar'] },
  { name: 'carrot jam', lines: ['1 kg carrots', '800 g sugar', '50 mL lemon juice'] },
  { name: 'passion fruit curd', product: 'curd', lines: ['200 g passion fruit juice', '4 eggs', '300 g sugar', '100 g butter'] },
  { name: 'orange curd', product: 'curd', lines: ['200 g orange juice', '4 eggs', '300 g sugar', '100 g butter'] },
  { name: 'curd of fresh lemons', product: 'curd', lines: ['4 lemons, juiced', '4 eggs', '300 g sugar', '100 g butter'] },
  { name: 'with cream', lines: ['2 kg blackberries', '1.4 kg sugar', '200 mL cream'] },
  { name: 'with chocolate', lines: ['2 kg raspberries', '1.4 kg sugar', '200 g dark chocolate'] },
  { name: 'with flour', lines: ['2 kg blackberries', '1.4 kg sugar', '60 g flour'] },
  { name: 'with cornstarch', lines: ['2 kg blackberries', '1.4 kg sugar', '60 g cornstarch'] },
  { name: 'with coconut', lines: ['2 kg pineapple', '1.4 kg sugar', '200 g coconut'] },
  { name: 'with nuts beyond a tenth', lines: ['1 kg plums', '800 g sugar', '400 g walnuts'] },
  { name: 'with oil', lines: ['2 kg plums', '1.4 kg sugar', '100 mL olive oil'] },
  { name: 'with bacon', lines: ['1 kg onions', '200 g bacon', '300 g sugar', '200 mL vinegar'] },
  { name: 'with garlic', lines: ['2 kg plums', '1.4 kg sugar', '100 g garlic'] },
  { name: 'peppers with little vinegar', product: 'pepper-jelly', lines: ['1 kg chopped sweet peppers', '50 mL vinegar', '1 kg sugar'] },
  { name: 'an infusion without acid', product: 'jelly', lines: ['1 L mint infusion', '1 kg sugar', '49 g powdered pectin'] },
  { name: 'much water', lines: ['500 g plums', '2 L water', '2 kg sugar'] },
  { name: 'a line that is not understood', lines: ['2 kg blackberries', '1.4 kg sugar', '3 blobs of zorp'] },
]; // prettier-ignore
