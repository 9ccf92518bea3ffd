import { usualLanguage } from "../../basics/languages";
import { localize, type Words } from "../../basics/words";
import { localizeFigures } from "../figures";
import type { FittingKind } from "../parts/fittings";
import type { YachtFile } from "../schema";
import { figuresSheet } from "../figures-sheet";
import type { FindableKind } from "./findable-kinds";

/** One thing of a yacht that can be asked for, with the words it is known by. */
export interface Findable {
  /** kind and key: `fitting:gas-tap` */
  id: string;
  kind: FindableKind;
  key: string;
  title: string;
  /** where it is, in words: "Aft cabin, under the bunk, forward panel" */
  where: string;
  place: string | null;
  /** what people say when they need it */
  asked: string;
  /** what kind of thing it is, and of which system, in plain words */
  sort: string;
  /** everything else that is said of it */
  text: string;
  /** whether it is about something that is wrong */
  isFault: boolean;
}

/** How else people say what a fitting is. */
const alsoCalled: Partial<Record<FittingKind, string>> = {
  "cut-off": "cutoff shutoff shut off valve",
  seacock: "valve",
  breaker: "fuse",
  extinguisher: "fire",
  filler: "cap",
  "life-raft": "liferaft",
  detector: "alarm",
  lamp: "light",
};

const plain = (key: string) => key.replaceAll("-", " ");

/** Everything of a yacht file that can be asked for: fittings, inventory, procedures, oddities, emergency cards and her figures. */
export function findables(file: YachtFile, language = usualLanguage): Findable[] {
  const words = (part: Parameters<typeof localizeFigures>[1] | undefined) =>
    part ? localizeFigures(file, part, language) : "";
  const at = (place: string, where = "") =>
    [localize(file.places[place]?.name ?? { en: place }, language), where].filter(Boolean).join(", ");
  const fittings = Object.entries(file.fittings).map(([key, part]): Findable => ({
    id: `fitting:${key}`,
    kind: "fitting",
    key,
    title: words(part.name),
    where: at(part.place, words(part.where)),
    place: part.place,
    asked: "",
    sort: `${plain(part.kind)} ${alsoCalled[part.kind] ?? ""} ${plain(part.system)}`,
    text: [words(part.how), words(part.caution)].join(" "),
    isFault: false,
  }));
  const inventory = Object.entries(file.inventory).map(([key, part]): Findable => ({
    id: `inventory:${key}`,
    kind: "inventory",
    key,
    title: words(part.name),
    where: at(part.place, words(part.where)),
    place: part.place,
    asked: "",
    sort: `${plain(part.system)} spare`,
    text: "",
    isFault: false,
  }));
  const procedures = Object.entries(file.procedures).map(([key, part]): Findable => ({
    id: `procedure:${key}`,
    kind: "procedure",
    key,
    title: words(part.title),
    where: at(part.place),
    place: part.place,
    asked: (part.asked ?? []).join(" | "),
    sort: plain(part.system),
    text: [
      words(part.before),
      words(part.caution),
      ...part.steps.flatMap((step) => [words(step.words), words(step.watch), words(step.never?.what)]),
    ].join(" "),
    isFault: part.kind === "fault",
  }));
  const oddities = Object.entries(file.oddities).map(([key, part]): Findable => ({
    id: `oddity:${key}`,
    kind: "oddity",
    key,
    title: words(part.words),
    where: at(part.place),
    place: part.place,
    asked: "",
    sort: plain(part.system),
    text: "",
    isFault: false,
  }));
  return [
    ...fittings,
    ...linesOf(file, words, at),
    ...sourcesOf(file, words),
    ...equipmentOf(file, words, at),
    ...inventory,
    ...procedures,
    ...oddities,
    ...cardsOf(file, words),
    ...figuresOf(file),
  ];
}

type Say = (part: Words | undefined) => string;
type At = (place: string, where?: string) => string;

/** The cards for an emergency. */
const cardsOf = (file: YachtFile, words: Say): Findable[] =>
  Object.entries(file.emergencyCards).map(([key, part]) => ({
    id: `card:${key}`,
    kind: "card",
    key,
    title: words(part.title),
    where: "",
    place: null,
    asked: "",
    sort: "emergency",
    text: [words(part.caution), ...part.steps.map(words)].join(" "),
    isFault: true,
  }));

/** Her lines, by name, by colour and by what they work. */
const linesOf = (file: YachtFile, words: Say, at: At): Findable[] =>
  Object.entries(file.lines).map(([key, line]) => ({
    id: `line:${key}`,
    kind: "line",
    key,
    title: words(line.name),
    where: at(line.place, line.clutch ? words(file.fittings[line.clutch]?.where) : words(line.mark)),
    place: line.place,
    asked: "",
    sort: `line ${plain(line.kind)} ${line.colour} ${line.fleck ?? ""} rig and sails`,
    text: [words(line.works), words(line.mark)].join(" "),
    isFault: false,
  }));

/** The rows of her table of sources. */
const sourcesOf = (file: YachtFile, words: Say): Findable[] =>
  Object.entries(file.sources).map(([key, source]) => ({
    id: `source:${key}`,
    kind: "source",
    key,
    title: words(source.name),
    where: source.stands.map(({ fitting }) => words(file.fittings[fitting]?.name)).join(", "),
    place: file.fittings[source.stands[0]?.fitting ?? ""]?.place ?? null,
    asked: "",
    sort: "source selector ac power",
    text: words(source.feeds),
    isFault: false,
  }));

/** What the base keeps of her devices: maker, number, papers. */
const equipmentOf = (file: YachtFile, words: Say, at: At): Findable[] =>
  Object.entries(file.equipment).map(([key, part]) => ({
    id: `equipment:${key}`,
    kind: "equipment",
    key,
    title: words(part.name),
    where: at(part.place),
    place: part.place,
    asked: "",
    sort: `manual serial number maker warranty ${plain(part.system)}`,
    text: [part.maker, part.model, part.serial].filter(Boolean).join(" "),
    isFault: false,
  }));

/** Her figures, once for each that she has; how they are asked for stands in the vocabulary. */
const figuresOf = (file: YachtFile): Findable[] =>
  [...new Set(figuresSheet(file).map(({ id }) => id))].map((id): Findable => ({
    id: `figure:${id}`,
    kind: "figure",
    key: id,
    title: plain(id),
    where: "",
    place: null,
    asked: "",
    sort: "",
    text: "",
    isFault: false,
  }));
