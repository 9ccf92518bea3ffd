import { createSerwistRoute } from "@serwist/turbopack";

const dist = process.env.BRINECOVE_DIST ?? ".next";
/** The shells: fixed addresses without private data. They are fetched anew whenever a build differs. */
const shells = ["/book", "/aboard", "/handover", "/survey"];
const revision = crypto.randomUUID();

/** The service worker, made at build with the list of what it keeps: build files, fonts, the shells; nothing of the API. */
export const { dynamic, dynamicParams, revalidate, generateStaticParams, GET } = createSerwistRoute({
  swSrc: "src/client/offline/service-worker.ts",
  useNativeEsbuild: true,
  globPatterns: [`${dist}/static/**/*.{js,css,woff2,svg,json}`],
  maximumFileSizeToCacheInBytes: 4 * 1024 * 1024,
  additionalPrecacheEntries: shells.map((url) => ({ url, revision })),
});
