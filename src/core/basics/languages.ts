/** Languages that the skipper's side is shown in; English is always whole. */
export const languages = ["en", "de"] as const;
export type Language = (typeof languages)[number];

/** The language in which every text is there. */
export const usualLanguage = "en" satisfies Language;

export const isLanguage = (code: string | null | undefined): code is Language =>
  (languages as readonly (string | null | undefined)[]).includes(code);
