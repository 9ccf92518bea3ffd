import type { YachtFile } from "../../yacht/schema";
import type { Found } from "../finding";
import type { TruthRule } from "./rule";

/** A device that texts speak of by name, and how one knows from her facts that she has it. */
interface Device {
  word: RegExp;
  has: (file: YachtFile, names: string) => boolean;
}

const some = (parts: object) => Object.keys(parts).length > 0;
const called = (words: RegExp) => (_file: YachtFile, names: string) => words.test(names);

const devices: readonly Device[] = [
  { word: /\bgenerators?\b/i, has: ({ generators }) => some(generators) },
  { word: /\binverters?\b/i, has: ({ inverters }) => some(inverters) },
  {
    word: /\bdavits?\b/i,
    has: ({ platforms: _p, furniture }, names) =>
      Object.values(furniture).some(({ kind }) => kind === "davits") || /davit/i.test(names),
  },
  { word: /\bstern thruster\b/i, has: called(/stern thruster/i) },
  { word: /\bthrusters?\b/i, has: called(/thruster/i) },
  {
    word: /\bwindlass\b/i,
    has: (file, names) =>
      /windlass/i.test(names) || Object.values(file.groundTackle).some(({ windlass }) => windlass !== undefined),
  },
  { word: /\bkill cord\b/i, has: called(/kill cord/i) },
  {
    word: /\b(snubber)\b/i,
    has: (file, names) =>
      /snubber/i.test(names) || Object.values(file.groundTackle).some((part) => part.relief === "snubber"),
  },
  {
    word: /\bbridle\b/i,
    has: (file, names) =>
      /bridle/i.test(names) || Object.values(file.groundTackle).some((part) => part.relief === "bridle"),
  },
  { word: /\bair[- ]conditioning\b/i, has: called(/air[- ]conditioning/i) },
  { word: /\bwater ?maker\b/i, has: called(/water ?maker/i) },
  { word: /\b(auto|tiller )?pilot('s)? (keypad|control)|\bautopilot\b/i, has: called(/pilot/i) },
  { word: /\bplotter\b/i, has: called(/plotter/i) },
  { word: /\bradar\b(?! reflector)/i, has: called(/radar(?! reflector)/i) },
  { word: /\bsight glass\b/i, has: called(/sight glass/i) },
  { word: /\bstern steps\b/i, has: called(/stern steps|steps/i) },
  { word: /\btrampoline\b/i, has: called(/trampoline/i) },
  { word: /\bescape hatch(es)?\b/i, has: called(/escape hatch/i) },
  { word: /\bcentre ?board|lifting keel\b/i, has: called(/centre ?board|keel (lock|winch|box)/i) },
  { word: /\b(life ?raft|the raft|raft ready)\b/i, has: called(/\braft\b/i) },
  { word: /\bdanbuoy\b/i, has: called(/danbuoy|pole/i) },
  { word: /\b(emergency tiller)\b/i, has: called(/emergency tiller/i) },
  { word: /\bsprayhood\b/i, has: called(/sprayhood/i) },
  { word: /\bbimini\b/i, has: called(/bimini/i) },
  { word: /\bgas (bottle|tap|alarm|locker)\b/i, has: ({ gas }) => some(gas) },
  { word: /\bgas detector|gas alarm\b/i, has: called(/gas (detector|alarm)/i) },
  { word: /\b(oven)\b/i, has: called(/oven/i) },
  { word: /\bfridge\b/i, has: called(/fridge/i) },
  { word: /\bfreezer\b/i, has: called(/freezer/i) },
  { word: /\bwashing machine\b/i, has: called(/washing machine/i) },
  { word: /\bdishwasher\b/i, has: called(/dishwasher/i) },
  { word: /\b(water heater|boiler)\b/i, has: called(/water heater|boiler/i) },
  { word: /\b(electric winch)\b/i, has: called(/electric.*winch|winch.*electric/i) },
  { word: /\b(parallel switch)\b/i, has: called(/parallel/i) },
  {
    word: /\b(chain counter)\b/i,
    has: (file) => Object.values(file.fittings).some(({ name, where }) => /counter/i.test(`${name.en} ${where.en}`)),
  },
  {
    word: /\bsail drive\b/i,
    has: (file, names) =>
      /sail drive/i.test(names) || Object.values(file.fittings).some(({ where }) => /sail drive/i.test(where.en ?? "")),
  },
  { word: /\bshore power\b/i, has: ({ shoreCords }) => some(shoreCords) },
  { word: /\bmacerator\b/i, has: called(/macerator/i) },
  { word: /\bbow ?thruster\b/i, has: called(/bow thruster/i) },
];

/** Fields whose words are themselves what says that a thing is aboard, or what people may ask. */
const isName = (collection: string, field: string) =>
  [
    "fittings",
    "inventory",
    "places",
    "tanks",
    "batteries",
    "chargers",
    "generators",
    "inverters",
    "sails",
    "heads",
    "tenders",
    "platforms",
    "shoreCords",
    "groundTackle",
  ].includes(collection) && field === "name";

/** A text speaks of no device that she has not. */
export const namesMissing: TruthRule = {
  name: "names-missing",
  find: (boat) => {
    // what a fitting is, is in its name or beside it: "coachroof, starboard, electric"
    const names = [
      ...boat.texts.filter(({ collection, field }) => isName(collection, field)).map(({ raw }) => raw),
      ...Object.values(boat.file.fittings).map(({ name, where }) => `${name.en ?? ""} (${where.en ?? ""})`),
    ].join("\n");
    const missing = devices.filter(({ has }) => !has(boat.file, names));
    return boat.texts.flatMap((text): Found[] =>
      !isName(text.collection, text.field) && missing.some(({ word }) => word.test(text.words))
        ? [{ path: text.path, code: "names-missing", fact: null }]
        : [],
    );
  },
};
