"use client";
import { lazy, Suspense, type ComponentProps } from "react";

const underWay = () => import("./UnderWay").then(({ UnderWay }) => ({ default: UnderWay }));
const Part = lazy(underWay);

/** What a crew under way needs, fetched once she is under way: reckoning takes libraries that nothing before it needs. */
export const UnderWayLater = (props: ComponentProps<typeof Part>) => (
  <Suspense fallback={null}>
    <Part {...props} />
  </Suspense>
);

/** Brings it onto the device, so that it opens without signal. */
export const keepUnderWay = (): void => void underWay().catch(() => undefined);
