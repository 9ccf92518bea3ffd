import type { Metadata } from "next";
import { getTranslations } from "next-intl/server";
import type { en } from "@/messages/en";

/** The title of a page by its key in the catalogue. */
export const titled = (page: keyof typeof en.titles) => async (): Promise<Metadata> => ({
  title: (await getTranslations("titles"))(page),
});
