import { execFileSync } from "node:child_process";
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import jsQR from "jsqr";
import sharp from "sharp";
import { fillFigures } from "@/core/yacht/figures";
import { demoBase } from "@/testing/demo-base";
import { currentBase } from "../db/base";
import { boatCardPdf } from "./card";
import { recordPdf } from "./record";
import { statementPdf } from "./statement";
import { labelsPdf, type Labelled } from "./labels";
import { Paper } from "./paper";
import { planPdf } from "./plan";
import { findYacht } from "../db/yachts";

const base = demoBase("pdf");
/** What poppler reads on the paper, with its columns as they stand. */
const words = (bytes: Buffer) => execFileSync("pdftotext", ["-layout", "-", "-"], { input: bytes }).toString();
const pictures = (bytes: Buffer) => {
  const file = join(mkdtempSync(join(tmpdir(), "paper-")), "record.pdf");
  writeFileSync(file, bytes);
  // two lines of heading, then one for each picture
  return execFileSync("pdfimages", ["-list", file]).toString().trim().split("\n").length - 2;
};

describe("the record on paper", () => {
  it("says first whose, when and what was noted, then every line", async () => {
    const id = await base.handoverOf("BR-1052", "check-in");
    const { bytes, name } = await base.inBase((db) => recordPdf(db, id));
    const text = words(bytes);
    expect(name).toBe("check-in-pale-heron-BR-1052.pdf");
    for (const part of [
      "Pale Heron: Record of the check-in",
      "BR-1052",
      "Tove Ellery, 5 aboard",
      "wind on the quay",
      "slow to get cold",
      "Bimini zip stiff, known.",
      "Maro Tessen",
    ])
      expect(text).toContain(part);
    // read by what both need: what was noted stands before the list of lines
    expect(text.indexOf("slow to get cold")).toBeLessThan(text.indexOf("Every line"));
    const lines = await base.inBase(
      async (db) =>
        (
          await db.query<{ list: { lines: { name: { en: string } }[] } }>("select list from handover where id = $1", [
            id,
          ])
        ).rows[0]?.list.lines ?? [],
    );
    expect(lines.length).toBeGreaterThan(140);
    const flat = text.replaceAll(/\s+/g, " ");
    const missing = lines.filter((line) => !line.name.en.split(" ").every((word) => flat.includes(word)));
    expect(missing).toEqual([]);
    // the skipper's copy says what is still open, and until when: the mainsail, 24 h from leaving the berth
    expect(flat).toMatch(
      /Still open: not tried yet.*Mast Mainsail, hoist and reef: wind on the quay 24 hours after leaving the berth.*Signatures/,
    );
  });

  it("is in German where German is asked for, with its dates; what people wrote stands as they wrote it", async () => {
    const id = await base.handoverOf("BR-1052", "check-in");
    const text = words((await base.inBase((db) => recordPdf(db, id, "de"))).bytes).replaceAll(/\s+/g, " ");
    for (const part of [
      "Pale Heron: Protokoll der Übernahme",
      "5 Personen an Bord",
      "Unterschriften",
      "slow to get cold",
    ])
      expect(text).toContain(part);
    expect(text).not.toContain("Every line");
    const [{ seal } = { seal: "" }] = await base.asOwner<{ seal: string }>(
      "select seal from seal where handover_id = $1",
      [id],
    );
    expect(text).toContain(`Seite 1 von `);
    expect(text).toContain(seal.slice(0, 16));
  });

  it("carries its seal on every page, and the decision to sail stays with the skipper", async () => {
    const id = await base.handoverOf("BR-1052", "check-in");
    const [{ seal } = { seal: "" }] = await base.asOwner<{ seal: string }>(
      "select seal from seal where handover_id = $1",
      [id],
    );
    const text = words((await base.inBase((db) => recordPdf(db, id))).bytes);
    const pages = text.split("\f").filter((page) => page.trim() !== "");
    expect(pages.length).toBeGreaterThan(2);
    pages.forEach((page, i) => expect(page).toContain(`page ${i + 1} of ${pages.length} · ${seal.slice(0, 16)}`));
    expect(text.replaceAll(/\s+/g, " ")).toContain("stays with the skipper");
  });

  it("shows the photos of the marks, and writes times as the base reads them", async () => {
    const id = await base.handoverOf("BR-1050", "check-out");
    const { bytes } = await base.inBase((db) => recordPdf(db, id));
    expect(pictures(bytes)).toBe(3);
    expect(words(bytes)).toContain("11 June 2027");
  });

  it("is refused before both have signed", async () => {
    await expect(
      base.handoverOf("BR-1059", "check-in").then((id) => base.inBase((db) => recordPdf(db, id))),
    ).rejects.toMatchObject({ code: "not-signed" });
  });
});

describe("the statement on paper", () => {
  it("writes each sum with how it came about, and what the deposit paid", async () => {
    const stay = await base.stayOf("BR-1046");
    const { bytes, name } = await base.inBase((db) => statementPdf(db, stay));
    const text = words(bytes).replaceAll(/\s+/g, " ");
    expect(name).toBe("statement-BR-1046.pdf");
    // fender 39.00 × 34/60 = 22.10; repair 180.00; fuel 22 × 1.89 + 35.00 = 76.58 (halves up); together 278.68
    for (const part of [
      "€22.10",
      "€180.00",
      "22 l short × €1.89 + €35.00 for filling = €76.58",
      "€278.68",
      "€2,221.32",
      "Lost it in the night at anchor.",
      "SIM-",
      "no money moves",
      "Bram Ostley",
    ])
      expect(text).toContain(part);
    expect(text).not.toContain("Draft");
    const german = words((await base.inBase((db) => statementPdf(db, stay, "de"))).bytes).replaceAll(/\s+/g, " ");
    for (const part of ["Abrechnung", "22,10 €", "278,68 €", "Kaution", "Lost it in the night at anchor."])
      expect(german).toContain(part);
  });

  it("says that it is a draft until both have signed", async () => {
    const stay = await base.stayOf("BR-1050");
    const text = words((await base.inBase((db) => statementPdf(db, stay))).bytes).replaceAll(/\s+/g, " ");
    expect(text).toContain("Draft: not signed");
    expect(text).toContain("€42.29");
  });
});

/** The address in the code of the first label on the first page. */
async function firstCode(bytes: Buffer): Promise<string | undefined> {
  const folder = mkdtempSync(join(tmpdir(), "labels-"));
  writeFileSync(join(folder, "labels.pdf"), bytes);
  execFileSync("pdftoppm", ["-r", "200", "-l", "1", "-png", join(folder, "labels.pdf"), join(folder, "page")]);
  const [page = ""] = readdirSync(folder).filter((file) => file.endsWith(".png"));
  // upper left: 42 pt margins, a code of 72 pt, at 200 dots an inch
  const { data, info } = await sharp(join(folder, page))
    .extract({ left: 90, top: 90, width: 260, height: 260 })
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return jsQR(new Uint8ClampedArray(data), info.width, info.height)?.data;
}

describe("labels", () => {
  const labels = async (what: Labelled) => {
    const yacht = await base.inBase((db) => findYacht(db, { slug: "gannet-rock" }));
    if (!yacht) throw new Error("no yacht");
    return { yacht, ...(await labelsPdf(yacht, what, "https://base.example", "2027-06-12T10:12:00.000Z")) };
  };

  it("have a code for each fitting, in the order of the places, with its name and where it is", async () => {
    const { yacht, bytes, name } = await labels("fittings");
    expect(name).toBe("labels-fittings-gannet-rock.pdf");
    const fittings = Object.values(yacht.file.fittings);
    const flat = words(bytes).replaceAll(/\s+/g, " ");
    for (const fitting of fittings) for (const word of fitting.name.en?.split(" ") ?? []) expect(flat).toContain(word);
    expect(flat.match(/GANRK-5T6/g)).toHaveLength(fittings.length);
    expect(flat).not.toContain("…");
    const atBow = Object.entries(yacht.file.fittings)
      .filter(([, fitting]) => fitting.place === "bow")
      .map(([key]) => `https://base.example/aboard#GANRK-5T6/fitting/${key}`);
    expect(atBow).toContain(await firstCode(bytes));
  });

  it("have a code for each place, with its name and the yacht's code", async () => {
    const { yacht, bytes, name } = await labels("places");
    const text = words(bytes);
    expect(name).toBe("labels-places-gannet-rock.pdf");
    const places = Object.values(yacht.file.places);
    expect(await firstCode(bytes)).toBe("https://base.example/aboard#GANRK-5T6/bow");
    for (const place of places) for (const word of place.name.en?.split(" ") ?? []) expect(text).toContain(word);
    // 22 places, 21 to a page
    expect(text).toContain("page 2 of 2");
    expect(text.match(/GANRK-5T6/g)).toHaveLength(places.length);
  });
});

describe("the plan on paper", () => {
  it.each(["pale-heron", "two-lanterns", "little-auk"])(
    "shows both levels of %s and lists every place with what is fitted there",
    async (slug) => {
      const yacht = await base.inBase((db) => findYacht(db, { slug }));
      if (!yacht) throw new Error("no yacht");
      const { bytes, name } = await base.inBase(async () => planPdf(yacht, "2027-06-12T10:12:00.000Z"));
      const text = words(bytes);
      expect(name).toBe(`plan-${slug}.pdf`);
      const [drawing = "", ...list] = text.split("\f");
      for (const word of [
        "On deck",
        "Below",
        "Port",
        "Starboard",
        ...Object.keys(yacht.file.places).map((_, i) => String(i + 1)),
      ])
        expect(drawing).toMatch(new RegExp(`(^|\\s)${word}(\\s|$)`, "i"));
      const flat = list.join(" ").replaceAll(/\s+/g, " ");
      for (const fitting of Object.values(yacht.file.fittings))
        for (const word of (fitting.name.en ?? "").split(/[\s,]+/)) expect(flat).toContain(word);
    },
  );
});

describe("the boat card", () => {
  it.each(["pale-heron", "gannet-rock", "two-lanterns", "little-auk"])(
    "of %s fits both sides of one sheet, and has all that a crew must find, her figures, what is odd and the base's number",
    async (slug) => {
      const yacht = await base.inBase((db) => findYacht(db, { slug }));
      if (!yacht) throw new Error("no yacht");
      const { bytes, name } = await base.inBase(async (db) =>
        boatCardPdf(yacht, await currentBase(db), "2027-06-12T10:12:00.000Z"),
      );
      const flat = words(bytes).replaceAll(/\s+/g, " ");
      expect(name).toBe(`card-${slug}.pdf`);
      expect(flat).toContain("page 2 of 2");
      expect(flat).toContain("+000 555 0142");
      const must = Object.values(yacht.file.fittings).filter(({ kind }) =>
        ["filler", "seacock", "cut-off", "breaker", "fuse", "extinguisher", "life-raft"].includes(kind),
      );
      for (const fitting of must)
        for (const word of (fitting.name.en ?? "").split(/[\s,]+/)) expect(flat).toContain(word);
      for (const tank of Object.values(yacht.file.tanks)) expect(flat).toContain(`${tank.capacityL} litres`);
      for (const reef of Object.values(yacht.file.reefs)) expect(flat).toContain(`From ${reef.fromKn} knots`);
      for (const odd of Object.values(yacht.file.oddities))
        for (const word of fillFigures(odd.words.en ?? "", yacht.file).split(/\s+/)) expect(flat).toContain(word);
    },
  );
});

describe("the briefing on the record's paper", () => {
  it("says what was shown, how and by whom", async () => {
    const { bytes } = await base.inBase(async (db) => recordPdf(db, await base.handoverOf("BR-1055", "check-in")));
    const flat = words(bytes).replaceAll(/\s+/g, " ");
    expect(flat).toMatch(/The briefing \d+ of \d+ topics shown/);
    expect(flat).toMatch(/Life raft shown, as usual Senna Ruhl/);
  });
});

describe("letters and tags", () => {
  const written = async () => {
    const paper = new Paper("Record of Čedo Šarić", "2027-06-12T10:00:00Z");
    paper.title("Record of Čedo Šarić", 20);
    paper.section("Signed by Σοφία");
    paper.line("Łukasz Żak · Олег Ткач");
    paper.table([{ title: "Place", share: 1 }], [["Größe"], ["Ωmega"]]);
    return paper.bytes((page, pages) => `${page} of ${pages}`);
  };

  it("prints names of Latin, Greek and Cyrillic letters", async () => {
    const text = words(await written());
    for (const name of ["Čedo Šarić", "Σοφία", "Łukasz Żak", "Олег Ткач", "Größe", "Ωmega"])
      expect(text).toContain(name.split(" ")[0]);
    // a box for a missing letter would be glyph 0 of its font
    expect(text).not.toContain("\uFFFD");
  });

  it("is tagged: language, headings, rows and cells", async () => {
    const file = join(mkdtempSync(join(tmpdir(), "paper-")), "tagged.pdf");
    writeFileSync(file, await written());
    expect(execFileSync("pdfinfo", [file]).toString()).toMatch(/^Tagged: +yes$/m);
    const structure = execFileSync("pdfinfo", ["-struct-text", file]).toString();
    expect(structure.match(/^ *(Document|H1|H2|P|Table|TR|TH|TD)\b/gm)?.map((line) => line.trim())).toEqual([
      "Document",
      "H1",
      "H2",
      "P",
      "Table",
      "TR",
      "TH",
      "TR",
      "TD",
      "TR",
      "TD",
    ]);
    expect(readFileSync(file).toString("latin1")).toContain("/Lang (en)");
  });
});
