"use client";
import { lazy, Suspense, type ComponentProps } from "react";
import { languageNow } from "../language/language";

const page = () => import("./DrillPage").then(({ DrillPage }) => ({ default: DrillPage }));
const Page = lazy(page);

/** Her devices to be worked beforehand, fetched by themselves. */
export const DrillLater = (props: ComponentProps<typeof Page>) => (
  <Suspense fallback={null}>
    <Page {...props} />
  </Suspense>
);

/** Brings them onto the device with their words, so that they open without signal. */
export const keepDrills = (): void => {
  void page().catch(() => undefined);
  void import("./DrillWords").then(({ keepDrillWords }) => keepDrillWords(languageNow())).catch(() => undefined);
};
