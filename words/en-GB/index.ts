/** What British English says otherwise; all else is as in US English. */
export const EN_GB = {} as const;
