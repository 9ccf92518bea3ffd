declare module "exifr/dist/lite.esm.mjs" {
  const exifr: { parse: (file: Blob, tags: string[]) => Promise<Record<string, unknown> | undefined> };
  export default exifr;
}
