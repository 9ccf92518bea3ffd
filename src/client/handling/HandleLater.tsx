"use client";
import { lazy, Suspense, type ComponentProps } from "react";

const page = () => import("./HandlePage").then(({ HandlePage }) => ({ default: HandlePage }));
const Page = lazy(page);

/** Leaving and coming back to be tried, fetched by itself. */
export const HandleLater = (props: ComponentProps<typeof Page>) => (
  <Suspense fallback={null}>
    <Page {...props} />
  </Suspense>
);

/** Brings it onto the device, so that it opens without signal. */
export const keepHandling = (): void => void page().catch(() => undefined);
