import { v7 as uuid } from "uuid";
import { stopSubject } from "../core/handover/walk/walk-state";
import type { Entry } from "../core/handover/entry";
import type { PartySide } from "../core/basics/ids";
import type { HandoverList } from "../core/handover/list";
import { kindOf, lineSubject, type Line } from "../core/handover/lines";
import { samplePhoto } from "../stand-ins/camera-roll";
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
    record(lineSubject(line.id), kindOf(line).aspect, photo === null ? said : { nothingNew: true, photo });
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

/** What a person records where all is fine. A generator runs about half as long as the engine that the hours are for. */
function allFine(line: Line, hours: number): unknown {
  return kindOf(line).sample(line, line.id.includes("generator") ? Math.round(hours * 5.5) / 10 : hours);
}
