/** What the app can be read in. US English is whole; British English holds what differs from it. */
export type Language = 'en-US' | 'en-GB';

export const LANGUAGES: readonly Language[] = ['en-US', 'en-GB'];

export const DEFAULT_LANGUAGE: Language = 'en-US';

/**
 * The language that a list of wishes comes nearest to, such as the Accept-Language header
 * `en-GB,en;q=0.8`.
 * @param wishes in the order of preference; nothing for no wish
 */
export function languageFor(wishes: string | undefined): Language {
  const tags = (wishes ?? '').split(',').map((wish) => wish.split(';')[0]?.trim().toLowerCase());
  for (const tag of tags) {
    const language = LANGUAGES.find((one) => one.toLowerCase() === tag);
    if (language !== undefined) return language;
  }
  return DEFAULT_LANGUAGE;
}
