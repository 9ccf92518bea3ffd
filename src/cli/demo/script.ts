import { v7 as uuid } from "uuid";
import { stopSubject } from "../../core/briefing/walk-state";
import { aspectOfKind, type ReadingValue } from "../../core/handover/aspects";
import type { Entry, PartySide } from "../../core/handover/entry";
import { lineSubject, type HandoverList, type Line, type ReadingLine } from "../../core/handover/list";
import { samplePhoto } from "../../stand-ins/camera-roll";
import type { ScriptedHandover } from "./scenario";

export interface Played {
  entries: Entry[];
  photos: { hash: string; bytes: Uint8Array }[];
}

/** Mark keys of the script by the ids they were given, across the handovers of the demo. */
export type MarkIds = Map<string, string>;

/** Plays a scripted handover: every line "all here, all fine" but for what the script says. */
export async function play(
  list: HandoverList,
  script: ScriptedHandover,
  people: { base: string; skipper: string },
  startedAt: string,
  markIds: MarkIds,
): Promise<Played> {
  const device = uuid();
  const entries: Entry[] = [];
  const photos: Played["photos"] = [];
  let at = Date.parse(startedAt);
  const record = (subject: string, aspect: string, value: unknown, side: PartySide = "base") => {
    at += 9_000;
    entries.push({
      v: 1,
      id: uuid(),
      handover: list.handover,
      subject,
      aspect,
      value,
      basis: [],
      by: { side, person: people[side] },
      device,
      at: new Date(at).toISOString(),
      offsetMs: 0,
    });
  };
  const attach = async (subject: string, what: Parameters<typeof samplePhoto>[0]) => {
    const photo = await samplePhoto(
      what,
      (photos.length * 13 + list.handover.charCodeAt(list.handover.length - 1)) % 60,
    );
    photos.push(photo);
    record(subject, `photo:${photo.hash}`, { attached: true, takenAt: new Date(at).toISOString(), from: "camera" });
    return photo.hash;
  };
  const places = list.places.map((place) => place.id);
  const last = script.upTo === undefined ? places.length : places.indexOf(script.upTo);
  const named = (id: string) => (id.startsWith("mark:") ? `mark:${markIds.get(id.slice("mark:".length)) ?? ""}` : id);
  const scripted = new Map(Object.entries(script.lines ?? {}).map(([id, value]) => [named(id), value]));
  for (const line of list.lines) {
    if (places.indexOf(line.place) > last || script.open?.includes(line.id)) continue;
    const said = scripted.get(line.id) ?? allFine(line, script.hours);
    // a side is photographed at the check-in, so that the next one has a picture to hold beside it
    const photo = line.kind === "view" && list.kind === "check-in" ? await attach(lineSubject(line.id), "side") : null;
    record(lineSubject(line.id), aspectOfKind[line.kind], photo === null ? said : { nothingNew: true, photo });
  }
  for (const [id, words] of Object.entries(script.remarks ?? {})) {
    if (words.base) record(lineSubject(named(id)), "remark:base", { words: words.base });
    if (words.skipper) record(lineSubject(named(id)), "remark:skipper", { words: words.skipper }, "skipper");
  }
  for (const [id, what] of Object.entries(script.photos ?? {})) await attach(lineSubject(named(id)), what);
  for (const { key, photo, ...mark } of script.marks ?? []) {
    const id = uuid();
    markIds.set(key, id);
    record(`mark:${id}`, "mark", mark);
    if (photo) await attach(`mark:${id}`, photo);
  }
  for (const stop of list.briefing?.stops ?? []) {
    if (places.indexOf(stop.place) <= last)
      record(stopSubject(stop.id), "shown", {
        result: "shown",
        handsOn: stop.depth === "hands-on",
        seconds: Math.round(stop.minutes * 54),
      });
  }
  if (list.kind === "prep") record("handover", "prep-done", { done: true });
  for (const found of script.found ?? []) record(`found:${uuid()}`, "found", found);
  return { entries, photos };
}

function allFine(line: Line, hours: number): unknown {
  switch (line.kind) {
    case "count":
      return { count: line.expected };
    case "test":
      return { result: line.when === "shown" ? "shown" : "works" };
    case "look":
      return { state: "sound" };
    case "mark":
      return { state: "still-so" };
    case "view":
      return { nothingNew: true, photo: null };
    case "reading":
      return fineReading(line, hours);
  }
}

const nextYear = ({ given }: ReadingLine) => `${Number(String(given.charterTo ?? "2030").slice(0, 4)) + 1}-09`;
const capacityL = ({ given }: ReadingLine) => Number(given.capacityL ?? 0);
const volts = ({ given }: ReadingLine, at12: number) =>
  Math.round(at12 * (Number(given.nominalV ?? 12) / 12) * 100) / 100;

/** What a person reads off where all is fine. */
const fineValues: Readonly<Record<string, (line: ReadingLine, hours: number) => ReadingValue>> = {
  "battery-rest": (line) => ({ volts: volts(line, line.given.duty === "starter" ? 12.64 : 12.78), restHours: 6 }),
  "battery-cranking": (line) => ({ volts: volts(line, 10.7) }),
  charging: (line) => ({ volts: volts(line, 14.2), shoreChargerOff: true }),
  "engine-oil": () => ({ levelPercent: 70, looks: "black" }),
  "gearbox-oil": () => ({ levelPercent: 75, looks: "clear" }),
  coolant: () => ({ levelPercent: 60 }),
  belt: () => ({ movesMm: 9, looks: "sound" }),
  "cooling-water": () => ({ flow: "strong", seconds: 8 }),
  strainer: () => ({ seacockFree: true, bowl: "clear", lidTight: true, seacockOpen: true }),
  bilge: () => ({ water: "dry", sheen: false, pumpLifts: true }),
  "exhaust-smoke": () => ({ smoke: "brief" }),
  fuel: (line) => ({ litres: capacityL(line) }),
  water: (line) => ({ litres: Math.round(capacityL(line) * 0.95) }),
  "holding-tank": () => ({ litres: 0 }),
  gas: (line) => ({ smell: false, percent: 80, fullBottles: Number(line.given.bottles ?? 1) - 1 }),
  // a generator runs about half as long as the engine that this figure is for
  "engine-hours": (line, hours) => ({ hours: line.id.includes("generator") ? Math.round(hours * 5.5) / 10 : hours }),
  extinguisher: (line) => ({ needle: "green", pinAndSeal: true, date: nextYear(line) }),
  "dated-item": (line) => ({ date: nextYear(line) }),
  document: () => ({ seen: true }),
};

function fineReading(line: ReadingLine, hours: number): ReadingValue {
  const value = fineValues[line.reading];
  if (!value) throw new Error(`the demo knows no fine value of the reading "${line.reading}"`);
  return value(line, hours);
}
