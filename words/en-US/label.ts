export const LABEL = {
  'label.needsPartsTo55Of':
    'Needs {{least}} parts {{part}} to 55 of sugar and 65 % soluble solids; this has {{part2}} to 55 and {{show}} %.',
  'label.needs5PartsFruitTo':
    'Needs 5 parts fruit to 2 of sugar and 43 % soluble solids; this has {{part}} and {{show}} %.',
  'label.needsGOfFruitPer':
    'Needs {{least}} g of fruit per 100 g and 60 % soluble solids; this has {{show}} g and {{show2}} %.',
  'label.preparedWithGOfFruit':
    'Prepared with {{show}} g of fruit per 100 g. Total sugar content {{show2}} g per 100 g.',
} as const;
