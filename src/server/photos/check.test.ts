import sharp from "sharp";
import { sha256Hex } from "@/core/basics/digest";
import { samplePhoto } from "@/stand-ins/camera-roll";
import { demoBase } from "@/testing/demo-base";
import { checkPhoto, photoLimits } from "./check";
import { addPhoto, photoBelongsToCharter, photoBelongsToHandover, photoBytes, photosHere } from "../db/photos";

const base = demoBase("photos");
const jpeg = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: "#caa" } }).jpeg();
/** A JPEG with one more part right after its head. */
const withPart = (bytes: Buffer, marker: number, words: string) =>
  Buffer.concat([
    bytes.subarray(0, 2),
    Buffer.from([0xff, marker, 0, words.length + 2]),
    Buffer.from(words),
    bytes.subarray(2),
  ]);
const check = (bytes: Uint8Array) => checkPhoto(bytes, sha256Hex(bytes));

describe("checking a photo", () => {
  it("takes what the app makes, and tells its size", async () => {
    const bytes = await jpeg(1600, 1200).toBuffer();
    expect(await check(bytes)).toMatchObject({
      hash: sha256Hex(bytes),
      mediaType: "image/jpeg",
      width: 1600,
      height: 1200,
    });
    for (const other of [jpeg(300, 200).jpeg({ progressive: true }), jpeg(300, 200).withIccProfile("srgb")])
      expect(await check(await other.toBuffer())).toMatchObject({ mediaType: "image/jpeg" });
    const webp = await jpeg(800, 600).webp().toBuffer();
    expect(await check(webp)).toMatchObject({ mediaType: "image/webp" });
  });

  it("makes a thumbnail that fits a list", async () => {
    const { thumbnail } = await check(await jpeg(1600, 800).toBuffer());
    expect(await sharp(thumbnail).metadata()).toMatchObject({ format: "webp", width: 240, height: 120 });
  });

  it.each<[string, () => Promise<Uint8Array>, string]>([
    ["words", async () => Buffer.from("not a picture at all"), "no-photo"],
    ["nothing", async () => new Uint8Array(), "photo-empty"],
    [
      "a drawing that could carry a script",
      async () => Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
      "no-photo",
    ],
    ["a picture cut in the middle", async () => (await jpeg(900, 900).toBuffer()).subarray(0, 900), "photo-damaged"],
    ["a side of more than 1600 px", async () => jpeg(1601, 10).toBuffer(), "photo-too-many-pixels"],
    [
      "a bomb: 25 million pixels in a few kB",
      async () =>
        sharp({ create: { width: 5000, height: 5000, channels: 3, background: "#000" } })
          .png({ compressionLevel: 9, palette: true })
          .toBuffer(),
      "no-photo",
    ],
    [
      "where it was taken",
      async () =>
        jpeg(100, 100)
          .withExif({ IFD3: { GPSLatitude: "1/1 1/1 1/1" } })
          .toBuffer(),
      "photo-with-metadata",
    ],
    ["a comment", async () => withPart(await jpeg(60, 60).toBuffer(), 0xfe, "taken by Tam"), "photo-with-metadata"],
    ["a part of a maker's own", async () => withPart(await jpeg(60, 60).toBuffer(), 0xec, "x"), "photo-with-metadata"],
    [
      "a second picture after the first",
      async () => Buffer.concat([await jpeg(60, 60).toBuffer(), await jpeg(9, 9).toBuffer()]),
      "photo-with-metadata",
    ],
    [
      "words after the end",
      async () => Buffer.concat([await jpeg(60, 60).toBuffer(), Buffer.from("where it was")]),
      "photo-with-metadata",
    ],
    [
      "words after the end of a WebP",
      async () => Buffer.concat([await jpeg(60, 60).webp().toBuffer(), Buffer.from("where it was")]),
      "photo-with-metadata",
    ],
    ["more than 400 kB", async () => new Uint8Array(photoLimits.bytes + 1), "photo-too-large"],
  ])("refuses %s", async (_what, make, code) => {
    await expect(make().then(check)).rejects.toMatchObject({ code });
  });

  it("refuses bytes under another name", async () => {
    await expect(checkPhoto(await jpeg(10, 10).toBuffer(), "0".repeat(64))).rejects.toMatchObject({
      code: "photo-other-bytes",
    });
  });
});

describe("keeping a photo", () => {
  it("keeps exactly its bytes, once, and cannot be made to change them", async () => {
    const [handover, { bytes, hash }] = [await base.handoverOf("BR-1059", "check-in"), await samplePhoto("dent", 7)];
    const photo = await checkPhoto(bytes, hash);
    for (let twice = 0; twice < 2; twice++) await base.inBase((db) => addPhoto(db, handover, photo, bytes));
    expect(await base.asOwner("select 1 from photo where hash = $1", [hash])).toHaveLength(1);
    const back = await base.inBase((db) => photoBytes(db, hash, false));
    expect(Buffer.compare(back?.bytes ?? Buffer.alloc(0), Buffer.from(bytes))).toBe(0);
    expect((await base.inBase((db) => photoBytes(db, hash, true)))?.mediaType).toBe("image/webp");
    await expect(base.asOwner("update photo set bytes = 'x'")).rejects.toThrow("is refused");
    expect(await base.inBase((db) => photosHere(db, [hash, "f".repeat(64)]))).toEqual(new Set([hash]));
    expect(await base.inBase((db) => photoBytes(db, "f".repeat(64), false))).toBeNull();
  });

  it("belongs to the charters whose handovers it was taken at, or whose list it stands on", async () => {
    const charter = async (reference: string) =>
      (await base.asOwner<{ id: string }>("select id from charter where reference = $1", [reference]))[0]?.id ?? "";
    const [photo] = await base.asOwner<{ hash: string }>(
      "select p.hash from photo p join handover h on h.id = p.handover_id join stay s on s.id = h.stay_id join charter c on c.id = s.charter_id where c.reference = 'BR-1046' and h.kind = 'check-out'",
    );
    const belongs = async (reference: string) => {
      const id = await charter(reference);
      return base.inBase((db) => photoBelongsToCharter(db, photo?.hash ?? "", id));
    };
    expect(await belongs("BR-1046")).toBe(true);
    // the chip of that check-out stands on the list of the next charter of the same yacht
    expect(await belongs("BR-1052")).toBe(true);
    expect(await belongs("BR-1041")).toBe(false);
    expect(await belongs("BR-1050")).toBe(false);
  });

  it("belongs to every charter and handover of the yacht whose file shows it, and to no other", async () => {
    const hash = "ab".repeat(32);
    await base.asOwner(
      `insert into yacht_revision select yacht_id, base_id, revision + 1, class_id, patch, jsonb_set(document, '{fittings,gas-tap,photoShut}', to_jsonb($1::text)),
         document_hash, published_at, published_by, 'photos' from yacht_revision where yacht_id = (select id from yacht where slug = 'pale-heron') order by revision desc limit 1`,
      [hash],
    );
    const charter = async (reference: string) =>
      (await base.asOwner<{ id: string }>("select id from charter where reference = $1", [reference]))[0]?.id ?? "";
    const ofCharter = async (reference: string) => {
      const id = await charter(reference);
      return base.inBase((db) => photoBelongsToCharter(db, hash, id));
    };
    const ofHandover = async (reference: string) => {
      const id = await base.handoverOf(reference, "check-in");
      return base.inBase((db) => photoBelongsToHandover(db, hash, id));
    };
    expect([await ofCharter("BR-1052"), await ofHandover("BR-1052")]).toEqual([true, true]);
    expect([await ofCharter("BR-1050"), await ofHandover("BR-1059")]).toEqual([false, false]);
  });
});
