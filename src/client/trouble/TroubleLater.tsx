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

const open = () => import("./OpenTroubles").then(({ OpenTroubles }) => ({ default: OpenTroubles }));
const Open = lazy(open);

/** What is still being looked at, fetched where something is. */
export const OpenTroublesLater = (props: ComponentProps<typeof Open>) =>
  props.keeper.entries.length === 0 ? null : (
    <Suspense fallback={null}>
      <Open {...props} />
    </Suspense>
  );

/** Brings it onto the device with its words, so that it opens without signal. */
export const keepTrouble = (): void => {
  for (const part of [page, open]) void part().catch(() => undefined);
  void import("./FaultWords").then(({ keepFaultWords }) => keepFaultWords(languageNow())).catch(() => undefined);
};
