import type { PlainMessageId } from '@idle-kettle/words';
import type { SetClass } from '@idle-kettle/core';

/** A class of set in one word, where there is a name for it beside. */
export const SET_IN_A_WORD: { readonly [set in SetClass]: PlainMessageId } = {
  pours: 'balance.setRunny',
  loose: 'balance.setLoose',
  soft: 'balance.setSoft',
  firm: 'balance.setFirm',
  slices: 'balance.setStiff',
};
