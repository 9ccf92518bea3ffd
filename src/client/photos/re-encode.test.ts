/** @jest-environment ./src/testing/browser-environment.cjs */
import { createHash } from "node:crypto";
import { PhotoError, readyPhoto } from "./re-encode";

const parse = jest.fn<Promise<unknown>, unknown[]>();
jest.mock("exifr/dist/lite.esm.mjs", () => ({
  __esModule: true,
  default: { parse: (...given: unknown[]) => parse(...given) },
}));

interface Drawn {
  width: number;
  height: number;
  quality: number;
}
let drawn: Drawn[] = [];
let closed = 0;
/** Bytes of a drawing: so many per pixel at best quality. */
let bytesPerPixel = 0.1;

/** A browser's picture decoder and canvas, as far as they are asked here. */
function decoderOf(width: number, height: number): void {
  globalThis.createImageBitmap = (() =>
    Promise.resolve({ width, height, close: () => (closed += 1) })) as unknown as typeof createImageBitmap;
  globalThis.OffscreenCanvas = class {
    constructor(
      readonly width: number,
      readonly height: number,
    ) {}
    getContext = () => ({ drawImage: () => undefined });
    convertToBlob = ({ quality }: { quality: number }) => {
      drawn.push({ width: this.width, height: this.height, quality });
      const bytes = new Uint8Array(Math.round(this.width * this.height * bytesPerPixel * quality)).fill(7);
      return Promise.resolve({
        size: bytes.length,
        arrayBuffer: () => Promise.resolve(bytes.buffer),
      } as unknown as Blob);
    };
  } as unknown as typeof OffscreenCanvas;
}

const file = (bytes = 1000) => ({ size: bytes, name: "IMG.jpg" }) as unknown as File;

beforeEach(() => {
  drawn = [];
  closed = 0;
  bytesPerPixel = 0.1;
  parse.mockReset().mockResolvedValue(undefined);
});

describe("a picture made ready to be kept", () => {
  it.each([
    [4000, 3000, 1600, 1200],
    [3000, 4000, 1200, 1600],
    [800, 600, 800, 600],
    [4000, 1, 1600, 1],
  ])("of %d by %d is drawn anew as %d by %d", async (width, height, toWidth, toHeight) => {
    decoderOf(width, height);
    await readyPhoto(file(), "camera");
    expect(drawn[0]).toMatchObject({ width: toWidth, height: toHeight });
  });

  it("is named by the hash of the bytes that are kept, not of the file that was chosen", async () => {
    decoderOf(100, 100);
    const photo = await readyPhoto(file(), "file");
    const kept = Buffer.from(await photo.bytes.arrayBuffer());
    expect(photo.hash).toBe(createHash("sha256").update(kept).digest("hex"));
    expect(photo.from).toBe("file");
  });

  it("is drawn worse, then smaller, until it is at most 400 kB", async () => {
    // 1600 by 1200 at 0.9 bytes a pixel: 1.5 MB at first, and still 518 kB at the worst quality
    bytesPerPixel = 0.9;
    decoderOf(4000, 3000);
    const photo = await readyPhoto(file(), "camera");
    expect(photo.bytes.size).toBeLessThanOrEqual(400_000);
    const qualities = drawn.map(({ quality }) => quality);
    expect(qualities).toEqual([...qualities].sort((a, b) => b - a));
    expect(Math.min(...qualities)).toBeCloseTo(0.3);
    expect(drawn.at(-1)?.width).toBeLessThan(1600);
  });

  it("keeps when it was taken, read before it is drawn anew", async () => {
    decoderOf(100, 100);
    parse.mockResolvedValue({ DateTimeOriginal: new Date("2027-06-12T15:20:00Z") });
    expect((await readyPhoto(file(), "camera")).takenAt).toBe("2027-06-12T15:20:00.000Z");
  });

  it.each([
    ["nothing", undefined],
    ["a day that is none", { DateTimeOriginal: new Date("x") }],
    ["text", { DateTimeOriginal: "yesterday" }],
  ])("does not know when it was taken where the file says %s", async (_what, about) => {
    decoderOf(100, 100);
    parse.mockResolvedValue(about);
    expect((await readyPhoto(file(), "camera")).takenAt).toBeNull();
  });

  it("does not fail where the file's own words cannot be read", async () => {
    decoderOf(100, 100);
    parse.mockRejectedValue(new Error("no EXIF"));
    expect((await readyPhoto(file(), "camera")).takenAt).toBeNull();
  });

  it("refuses a file above 40 MB before anything is read of it", async () => {
    decoderOf(100, 100);
    await expect(readyPhoto(file(40_000_001), "file")).rejects.toEqual(new PhotoError("too-large"));
    expect(parse).not.toHaveBeenCalled();
    expect(drawn).toEqual([]);
  });

  it("refuses what is no picture", async () => {
    decoderOf(100, 100);
    globalThis.createImageBitmap = (() => Promise.reject(new Error("no"))) as unknown as typeof createImageBitmap;
    await expect(readyPhoto(file(), "file")).rejects.toMatchObject({ reason: "no-photo" });
  });

  it("gives the decoder's memory back, also where it cannot be drawn", async () => {
    decoderOf(100, 100);
    await readyPhoto(file(), "camera");
    expect(closed).toBe(1);
    globalThis.OffscreenCanvas = class {
      getContext = () => null;
      convertToBlob = () => Promise.reject(new Error("full"));
    } as unknown as typeof OffscreenCanvas;
    await expect(readyPhoto(file(), "camera")).rejects.toThrow("full");
    expect(closed).toBe(2);
  });
});
