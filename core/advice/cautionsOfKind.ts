import type { PlainMessageId } from '@idle-kettle/words';
import { message } from '@idle-kettle/words/message';
import { alcoholLeftG, atTheEnd } from '../chain/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import { formatGrams, listed } from '../quantity/index.ts';
import { isSugar, METHODS } from '../method/index.ts';
import { type Caution, note, warn } from './caution.ts';
import type { Evaluation } from '../evaluate/index.ts';
import { sweetenerCautions } from './otherSweeteners.ts';

/** One box of regular powder, g: what one pot of a timed boil is meant for; common practice. */
const ONE_BOX_G = 60;

/** Less alcohol than this in a batch, as of a spoon of extract, is not told; g. */
const LEAST_ALCOHOL_G = 3;

/** What to mind because of what is made, how, on what heat and out of what. */
export function kindCautions(worked: Evaluation): Caution[] {
  if (worked.understood.length === 0) return [];
  return [
    ...methodCautions(worked),
    ...productCautions(worked),
    ...ingredientCautions(worked),
    ...rowCautions(worked),
    ...sweetenerCautions(worked),
  ];
}

function methodCautions({ request, choice, understood, heat }: Evaluation): Caution[] {
  const found: Caution[] = [];
  const { setModel, stopKind } = METHODS[choice.method];
  const gramsOf = (id: string) =>
    understood
      .filter(({ ingredient }) => ingredient.id === id)
      .reduce((sum, { massG }) => sum + massG.typical, 0);
  if (setModel === 'high-methoxyl' && stopKind === 'timed-boil') {
    found.push(note('do-not-cut-sugar', message('advice.regularPectinSetsOnlyWith')));
    const grams = gramsOf('powdered-pectin');
    if (grams > ONE_BOX_G) {
      const own = request.packs.find(({ ingredient }) => ingredient === 'powdered-pectin');
      const boxG = own?.packG ?? findIngredient('powdered-pectin')?.packs?.['box'] ?? ONE_BOX_G;
      const pots = Math.max(2, Math.round(grams / boxG));
      found.push({ ...warn('double-batch', message('advice.moreThanOneBoxIn')), pots });
    }
  }
  if (heat.slow) {
    found.push(note('keep-hot', message('advice.keepItAbove60C')));
  }
  return found;
}

function productCautions({ request, understood }: Evaluation): Caution[] {
  const { product } = request;
  const holds = (id: string) => understood.some(({ ingredient }) => ingredient.id === id);
  const found: Caution[] = [];
  if (product === 'curd') {
    found.push(note('curd-heat', message('advice.whiskTo77C170')));
    if (!understood.some(({ ingredient }) => ingredient.make.insolublesAre === 'egg')) {
      found.push(warn('no-egg', message('advice.noEggYetOnlyEgg')));
    }
  }
  if (product === 'pepper-jelly') {
    found.push(note('vinegar-is-for-safety', message('advice.vinegarMustBe5Acidity')));
  }
  if (product === 'butter') {
    found.push(note('spits', message('advice.aThickButterSpitsUse')));
  }
  if (holds('chilli')) {
    found.push(note('gloves', message('advice.wearGlovesWithHotPeppers')));
  }
  return found;
}

function ingredientCautions({ request, understood, choice }: Evaluation): Caution[] {
  const found: Caution[] = [];
  const alcoholG = alcoholLeftG(atTheEnd(request.product, choice.method, understood));
  if (alcoholG >= LEAST_ALCOHOL_G) {
    found.push(
      note(
        'alcohol-stays',
        message('advice.alcoholAddedOffTheHeat', { grams: formatGrams(alcoholG) }),
      ),
    );
  }
  const { setModel } = METHODS[choice.method];
  const rows = understood.map(({ ingredient }) => ingredient);
  const odd = rows.find(
    (row) =>
      row.kind === 'sweetener' &&
      !['sugar', 'brown-sugar', 'raw-sugar', 'jam-sugar'].includes(row.id),
  );
  if (odd?.note !== undefined)
    found.push(
      note(
        'sweetener',
        message('advice.ofTheIngredient', { name: capital(odd.name), what: message(odd.note) }),
      ),
    );
  if (
    setModel === 'high-methoxyl' &&
    rows.some(({ kind }) => kind === 'sweetener') &&
    !understood.some(isSugar)
  ) {
    found.push(warn('no-gel-without-sugar', message('advice.aSugarSubstituteSweetensBut')));
  }
  if (
    rows.some(
      (row) =>
        (row.kind === 'fruit' || row.kind === 'juice') &&
        row.acidClass !== undefined &&
        row.acidClass !== 'high',
    ) &&
    rows.some(({ id }) => id === 'lemon-juice' || id === 'lime-juice')
  ) {
    found.push(note('bottled-for-safety', message('advice.freshLemonsVaryInStrength')));
  }
  if (rows.some(({ id }) => id === 'jam-sugar')) {
    found.push(note('jam-sugar', message('advice.sugarsWithPectinDifferBy')));
  }
  return found;
}

/**
 * What rows of the ingredient table warn of: white-fleshed peaches, stalks of elder, bitter
 * kernels; of several fruits once.
 */
function rowCautions({ understood }: Evaluation): Caution[] {
  const about = new Map<PlainMessageId, Map<string, string>>();
  for (const { ingredient: row } of understood) {
    if (row.kind !== 'fruit') continue;
    for (const text of row.cautions)
      about.set(text, (about.get(text) ?? new Map<string, string>()).set(row.id, row.name));
  }
  return [...about].map(([text, rows]) =>
    warn(
      `row-${[...rows.keys()].join('-')}`,
      message('advice.ofTheIngredient', {
        name: capital(listed([...rows.values()])),
        what: message(text),
      }),
    ),
  );
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
