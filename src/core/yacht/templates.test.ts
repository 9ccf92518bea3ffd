import { readFileSync } from "node:fs";
import { mismatch } from "../../formats/validate";
import { checkFile } from "../checks";
import { isUntold, untoldPaths } from "../checks/untold";
import { questionsOf } from "../truth/questions";
import { collectionFields, fieldAt } from "./draft/fields";
import { valueAt, withValue } from "./draft/pointer";
import { textsOf } from "./figures";
import { isBlank } from "./parts/blank";
import { YachtFile } from "./schema";
import { templates } from "./templates";

const fields = collectionFields();
const today = "2027-06-12";
const template = (name: string) => JSON.parse(readFileSync(`templates/${name}.json`, "utf8")) as YachtFile;
const whole = templates.filter((name) => name !== "blank");

/** A boat of the size that a template is drawn for, so that its outlines lie inside her. */
const size: Record<string, object> = {
  sloop: { lengthM: 12.4, beamM: 4 },
  catamaran: { lengthM: 12.6, beamM: 7.1 },
  "day-boat": { lengthM: 6.7, beamM: 2.4 },
};
/** What an engine's file leaves out until somebody tells it. */
const engine = {
  coolingWaterSeconds: 10,
  stopHoldSeconds: 4,
  crankSeconds: 8,
  chargingRpm: 1500,
  burnLph: 3,
  burn: [{ rpm: 2000, speedKn: 6, burnLph: 3 }],
};

/** A template as it is when somebody has told everything that it asks for. */
function told(name: string): YachtFile {
  let file = template(name);
  let next = 11;
  for (const { path } of checkFile(file, today).filter(isUntold)) {
    const stands = valueAt(file, path);
    const choice = fieldAt(fields, path)?.field.options?.[0];
    const value =
      choice ?? (typeof stands === "number" ? (path.endsWith("nominalV") ? 12 : ((next += 1) % 8) + 1) : "2026-04-01");
    if (isBlank(stands)) file = withValue(file, path, value) as YachtFile;
    else if (stands !== null) file = withValue(file, path, { en: "as she has it." }) as YachtFile;
  }
  Object.values(file.reefs).forEach((reef, i) => (reef.fromKn = 15 + 5 * i));
  for (const each of Object.values(file.engines)) Object.assign(each, engine);
  Object.assign(file.particulars, {
    draughtM: 2,
    airDraughtM: 18,
    year: 2019,
    berths: 6,
    maximumAboard: 8,
    ...size[name],
  });
  for (const gas of Object.values(file.gas)) gas.bottles = 2;
  for (const tender of Object.values(file.tenders)) Object.assign(tender, { lengthM: 2.4, maximumAboard: 4 });
  for (const [, item] of Object.entries(file.inventory)) Object.assign(item, { expected: 8, replacementMinor: 100 });
  return file;
}

describe.each(templates)("the template %s", (name) => {
  it("is a yacht file", () => expect(mismatch(YachtFile, template(name))).toBeNull());

  it("leaves every fact blank that must be true of the boat", () => {
    const given = Object.entries(template(name)).flatMap(([collection, parts]) =>
      (fields[collection] ?? []).flatMap(({ name: field, mustBeTold }) =>
        mustBeTold
          ? Object.entries(collection === "particulars" ? { "": parts as object } : (parts as Record<string, object>))
              .filter(([, part]) => !isBlank((part as Record<string, unknown>)[field] ?? -1))
              .map(([key]) => `/${collection}/${key}/${field}`)
          : [],
      ),
    );
    expect(given).toEqual([]);
  });

  it("says where nothing is, and no figure of its own in any text", () => {
    const file = template(name);
    const places = Object.values(file.fittings).map(({ where }) => where.en);
    expect(new Set([...places, ...Object.values(file.places).map(({ reach }) => reach.en)])).toEqual(new Set(["…"]));
    // channel and voltage are the same wherever she lies
    const figures = textsOf(file).filter(({ text }) => /\d/.test(text.replace(/\b(?:channel |on )16\b|230 V/gi, "")));
    expect(figures).toEqual([]);
  });
});

describe.each(whole)("the template %s, asked", (name) => {
  it("asks before it finds anything else wrong", () => {
    const others = checkFile(template(name), today).filter((finding) => !isUntold(finding));
    expect(others).toEqual([]);
    // what may be left out is asked for where a text takes it
    const found = checkFile(template(name), today);
    const asked = found.filter(({ check, path }) => check === "facts-told" && path.endsWith("/coolingWaterSeconds"));
    expect(asked.length).toBeGreaterThan(0);
    const paths = untoldPaths(found);
    expect(new Set(paths).size).toBe(paths.length);
  });

  it("passes every check once everything is told, and stands against none of its own texts", () => {
    const file = told(name);
    expect(mismatch(YachtFile, file)).toBeNull();
    expect(checkFile(file, today).filter(({ level }) => level === "error")).toEqual([]);
    expect(questionsOf(file, []).filter(({ blocks }) => blocks)).toEqual([]);
  });
});

it("leads from a pointer to its field, also inside a part and in a list", () => {
  expect(fieldAt(fields, "/tanks/fuel/capacityL")).toMatchObject({
    part: "/tanks/fuel",
    field: { name: "capacityL", kind: "number", mustBeTold: true },
  });
  expect(fieldAt(fields, "/particulars/lengthM")).toMatchObject({ part: "/particulars", field: { name: "lengthM" } });
  expect(fieldAt(fields, "/groundTackle/main/marks/0/atM")).toMatchObject({
    part: "/groundTackle/main/marks/0",
    field: { name: "atM", mustBeTold: true },
  });
  expect(fieldAt(fields, "/emergencyCards/fire/steps/1")).toMatchObject({
    part: "/emergencyCards/fire/steps",
    field: { name: "1", kind: "words" },
  });
  expect(fieldAt(fields, "/tanks/fuel/nothing")).toBeNull();
  expect(fieldAt(fields, "/procedures")).toBeNull();
});
