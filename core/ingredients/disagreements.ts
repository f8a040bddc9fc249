/**
 * Where the Indian Food Composition Tables 2017 lie outside a row's range or name another main
 * acid, and why the row is kept. A test fails on any disagreement that is not here, and on any
 * entry here that nothing needs. Keys: ingredient, food code, what differs.
 */
export const IFCT_DISAGREEMENTS: Readonly<Record<string, string>> = {
  ...fill(
    ['E022', 'E023', 'E024', 'E025', 'E026', 'E027'].map((code) => `grape ${code} main acid`),
    'The tables have malic and tartaric acid within 5 % of each other; the trade reckons grapes as tartaric.',
  ),
  ...fill(
    ['raisin E057 main acid', 'raisin E058 main acid'],
    'Tartaric acid of dried grapes crystallises as its potassium salt, and the tables find hardly any acid at all.',
  ),
  'strawberry E063 main acid':
    'The tables list 0.003 % of acids, a hundred times less than a strawberry titrates; citric is the main one by common practice.',
  'pear E051 main acid':
    'Malic or citric leads by variety; the tables have 0.081 against 0.064 %, and dessert pears elsewhere are mostly malic.',
  'dried-apricot E005 pectin':
    'The tables find less soluble fibre in dried apricots than in fresh ones a fifth as heavy; the row is fresh fruit without its water.',
  'grapefruit E056 pectin':
    'The tables have a pummelo with little soluble fibre; the row is where grapefruit marmalade of common practice puts it.',
  'melon E046 main acid': 'All acids together are 0.02 %; which one leads changes nothing.',
  'date E019 main acid': 'All acids together are 0.1 %; which one leads changes nothing.',
};

function fill(keys: readonly string[], why: string): Record<string, string> {
  return Object.fromEntries(keys.map((key) => [key, why]));
}
