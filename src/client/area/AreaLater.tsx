"use client";
import { lazy, Suspense, type ComponentProps } from "react";

const Part = lazy(() => import("./AreaPart").then(({ AreaPart }) => ({ default: AreaPart })));

/** The waters of the base, fetched when they are asked for: drawing them takes a library that nothing else needs. */
export const AreaLater = (props: ComponentProps<typeof Part>) => (
  <Suspense fallback={null}>
    <Part {...props} />
  </Suspense>
);
