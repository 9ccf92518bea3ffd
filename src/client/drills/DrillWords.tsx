"use client";
import type { ReactNode } from "react";
import type { Language } from "@/messages/languages";
import { keepLateWords, WithLateWords, type LateCatalogues } from "../language/LateWords";

const catalogues: LateCatalogues = {
  en: () => import("@/messages/en/drills.json").then((part) => part.default),
  de: () => import("@/messages/de/drills.json").then((part) => part.default),
};

/** Brings the words of drills with them. */
export const WithDrillWords = ({ children }: { children: ReactNode }) => (
  <WithLateWords catalogues={catalogues}>{children}</WithLateWords>
);

/** Brings them onto the device before the signal goes. */
export const keepDrillWords = (language: Language): void => keepLateWords(catalogues, language);
