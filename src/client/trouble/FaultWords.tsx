"use client";
import type { ReactNode } from "react";
import type { Language } from "@/messages/languages";
import { keepLateWords, WithLateWords, type LateCatalogues } from "../language/LateWords";

const catalogues: LateCatalogues = {
  en: () => import("@/messages/en/faults.json").then((part) => part.default),
  de: () => import("@/messages/de/faults.json").then((part) => part.default),
};

/** Brings the words of faults with them: they are many, and nobody needs them until something is wrong. */
export const WithFaultWords = ({ children }: { children: ReactNode }) => (
  <WithLateWords catalogues={catalogues}>{children}</WithLateWords>
);

/** Brings them onto the device before the signal goes. */
export const keepFaultWords = (language: Language): void => keepLateWords(catalogues, language);
