export const FORMATS = {
  'formats.aRecipeMayHaveAt': 'A recipe may have at most {{MOSTRECIPECHARS}} characters.',
  'formats.aPdfCantBeRead': 'A PDF can’t be read here. Open it, copy its text and paste that.',
  'formats.notAText':
    'This file isn’t text. A picture can’t be read here; type or paste the recipe.',
  'formats.thisIsNotJson': 'This is not JSON: {{message}}',
  'formats.thereIsNoSchemaOrg': 'There is no schema.org Recipe in it.',
  'formats.theNameMustBeText': 'The name must be text.',
  'formats.recipeingredientMustBeAList':
    'recipeIngredient must be a list of lines, like ["2 kg plums", "1.5 kg sugar"].',
  'formats.thatIsLinesABatch': 'That is {{count}} lines; a batch has at most {{MOSTLINES}}.',
  'formats.eachLineMustBeText': 'Each line must be text.',
  'formats.noIngredientLineWasFound':
    'No ingredient line was found. Each starts with an amount, like “2 kg plums”.',
  'formats.thatIsIngredientLinesA':
    'That is {{count}} ingredient lines; a batch has at most {{MOSTLINES}}.',
  'formats.tableColumns': 'The first line must name these columns: {{columns}}.',
  'formats.tableTooLong': 'A table of cooks has at most {{most}} lines.',
  'formats.tableCell': '“{{asIt}}” cannot stand in the column {{column}}.',
  'formats.tableNothing': 'There is no cook in this table.',
  'formats.probeNoTable': 'This is no table.',
  'formats.probeTooLong': 'A log has at most {{most}} lines.',
  'formats.probeColumns':
    'The first line must name a column of times and one of temperatures or weights.',
  'formats.probeTime': 'The time is not one, or lies before the first or a day after it.',
  'formats.probeValue': 'The value is no number.',
  'formats.probeNothing': 'There is no reading in it.',
} as const;
