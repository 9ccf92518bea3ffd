/** @jest-environment ./src/testing/browser-environment.cjs */
import Papa from "papaparse";
import type { DayEntry } from "@/core/underway/log/entry";
import { id } from "@/testing/records";
import { logCsv, logGpx } from "./boat-log";

const of = (number: number, entry: object): DayEntry =>
  ({ v: 1, id: id(number), yacht: "pale-heron", at: `2027-06-1${number}T10:00:00.000Z`, ...entry }) as DayEntry;
const log = [
  of(1, { kind: "position", lon: -30.1, lat: 42.3, words: 'Rán & <Ægir> "calm"' }),
  of(2, { kind: "note", words: "=cmd|' /C calc'!A0" }),
  of(3, { kind: "fuelled", litres: 82 }),
  of(4, { kind: "tonight", where: "Sallow Pool", until: "2027-06-15T18:00:00.000Z", lon: -30.05, lat: 42.28 }),
  of(5, {
    kind: "round",
    seconds: 60,
    looks: [{ look: "oil", isFine: false, words: "low" }],
    readings: [{ reading: "fuel", values: { litres: 90 } }],
  }),
];

it("is GPX that a browser's own reader takes: points in order, words as they were written", () => {
  const xml = new DOMParser().parseFromString(logGpx("BR-1052", log), "application/xml");
  expect(xml.querySelector("parsererror")).toBeNull();
  expect(xml.documentElement.namespaceURI).toBe("http://www.topografix.com/GPX/1/1");
  const points = [...xml.querySelectorAll("trkpt")];
  expect(points.map((point) => [point.getAttribute("lat"), point.getAttribute("lon")])).toEqual([
    ["42.3", "-30.1"],
    ["42.28", "-30.05"],
  ]);
  expect(points[0]?.querySelector("time")?.textContent).toBe("2027-06-11T10:00:00.000Z");
  expect([...xml.querySelectorAll("wpt > name")].map(({ textContent }) => textContent)).toEqual([
    'Rán & <Ægir> "calm"',
    "Sallow Pool",
  ]);
});

it("is GPX also where there is no place at all", () => {
  const xml = new DOMParser().parseFromString(logGpx("BR-1052", [log[1]!]), "application/xml");
  expect([xml.querySelector("parsererror"), xml.querySelectorAll("trkpt").length]).toEqual([null, 0]);
});

it("is CSV with a row for each thing, and nothing that a sheet would work out", () => {
  const { data } = Papa.parse<Record<string, string>>(logCsv(log), { header: true });
  expect(data.map(({ kind, what, value }) => [kind, what, value])).toEqual([
    ["position", "", ""],
    ["note", "", ""],
    ["fuelled", "litres", "82"],
    ["tonight", "until", "2027-06-15T18:00:00.000Z"],
    ["round", "oil", "odd"],
    ["round", "fuel litres", "90"],
  ]);
  expect(data[1]?.words).toMatch(/^'=/);
});
