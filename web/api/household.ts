import type { Who } from '@idle-kettle/contract';

/** What this page is for: set before anything of a household is shown. */
let scope = '';
let token: string | null = null;

/**
 * Takes up whose household this page shows. On the machine itself there is one, whose names in this
 * browser stay as they ever were; over the network each household has its own.
 */
export function inHousehold({ door, household, token: given }: Who): void {
  scope = door === 'home' && household !== null ? `${household.id} ` : '';
  token = given;
}

/** What every write carries besides its cookie; null where there is none. */
export const writeTokenNow = (): string | null => token;

/** The name of something that this browser keeps for the household of this page. */
export const ofHousehold = (name: string): string => `${scope}${name}`;

/** What this browser keeps for the household of this page, and for no other. */
export const householdStorage: Pick<
  Storage,
  'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'
> = {
  getItem: (name) => localStorage.getItem(ofHousehold(name)),
  setItem: (name, value) => localStorage.setItem(ofHousehold(name), value),
  removeItem: (name) => localStorage.removeItem(ofHousehold(name)),
  key: (index) => {
    const key = localStorage.key(index);
    return key?.startsWith(scope) === true ? key.slice(scope.length) : null;
  },
  get length() {
    return localStorage.length;
  },
};
