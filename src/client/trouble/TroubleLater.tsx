"use client";
import { lazy, Suspense, type ComponentProps } from "react";
import { languageNow } from "../language/language";

const page = () => import("./TroublePage").then(({ TroublePage }) => ({ default: TroublePage }));
const Page = lazy(page);

/** Being led through what is wrong, fetched by itself: most days nobody needs it. */
export const TroubleLater = (props: ComponentProps<typeof Page>) => (
  <Suspense fallback={null}>
    <Page {...props} />
  </Suspense>
);

/** Brings it onto the device with its words, so that it opens without signal. */
export const keepTrouble = (): void => {
  void page().catch(() => undefined);
  void import("./FaultWords").then(({ keepFaultWords }) => keepFaultWords(languageNow())).catch(() => undefined);
};
