import type { Boat } from "../boat";
import { wordsIn } from "../clauses";
import type { Found } from "../finding";
import { nameWords } from "../things";
import type { TruthRule } from "./rule";

type Side = "port" | "starboard";
const other = { port: "starboard", starboard: "port" } as const;

/** The one side that words speak of; null where they speak of none or of both. An extinguisher port and a round port are openings. */
function sideIn(words: string, withHands = false): Side | null {
  const all = wordsIn(
    words.replace(/\b(extinguisher|round|fire|through its|its) port\b|\bport only\b|\bport and\b/gi, ""),
  );
  const port = all.includes("port") || (withHands && all.includes("left"));
  const starboard = all.includes("starboard") || (withHands && all.includes("right"));
  return port === starboard ? null : port ? "port" : "starboard";
}

const differs = (said: Side | null, is: string): boolean => said !== null && is === other[said];

/** Where a place lies is the same in its name and in the way there. */
const placesOf = ({ file }: Boat): Found[] =>
  Object.entries(file.places).flatMap(([key, { name, reach, side }]): Found[] =>
    (
      [
        ["name", sideIn(name.en ?? "")],
        ["reach", sideIn(reach.en ?? "", true)],
      ] as const
    ).flatMap(([field, said]) =>
      differs(said, side) ? [{ path: `/places/${key}/${field}`, code: "says-other", fact: `/places/${key}/side` }] : [],
    ),
  );

const placed = ["inventory", "looks", "tests", "tanks", "engines", "batteries", "heads", "stops"] as const;

/** What is called port or starboard lies on that side, where its place lies on one. */
const namesOf = ({ file }: Boat): Found[] =>
  placed.flatMap((collection) =>
    Object.entries(
      file[collection] as Record<string, { name?: { en?: string }; title?: { en?: string }; place: string }>,
    ).flatMap(([key, { name, title, place }]): Found[] =>
      // an engine's side is not that of where it is tried
      !/engine|thruster/i.test(name?.en ?? title?.en ?? "") &&
      differs(sideIn(name?.en ?? title?.en ?? ""), file.places[place]?.side ?? "")
        ? [
            {
              path: `/${collection}/${key}/${name ? "name" : "title"}`,
              code: "says-other",
              fact: `/places/${place}/side`,
            },
          ]
        : [],
    ),
  );

/** A fitting's name and where it is speak of one side; so does the thing on the list that has its name. */
const fittingsSay = (boat: Boat): Found[] =>
  Object.entries(boat.file.fittings).flatMap(([key, { name, where }]): Found[] => {
    const at = sideIn(where.en ?? "");
    if (at === null) return [];
    const own: Found[] = differs(sideIn(name.en ?? ""), at)
      ? [{ path: `/fittings/${key}/name`, code: "says-other", fact: `/fittings/${key}/where` }]
      : [];
    const words = nameWords((name.en ?? "").split(",")[0] ?? "").join(" ");
    const listed = Object.entries(boat.file.inventory).flatMap(
      ([item, { name: called, where: lies, place }]): Found[] =>
        nameWords((called.en ?? "").split(/,| with /)[0] ?? "").join(" ") === words &&
        place === boat.file.fittings[key]?.place &&
        differs(sideIn(lies.en ?? ""), at)
          ? [{ path: `/inventory/${item}/where`, code: "says-other", fact: `/fittings/${key}/where` }]
          : [],
    );
    return [...own, ...listed];
  });

const lies = /\b(port|starboard) (seat|bunk|cushion|cabin|hull|lazarette|locker|quarter|transom)\b/i;
const theOne = /\b(?:is|goes to|go to) the (port|starboard) one\b/i;

/** What a text says of the fitting that it works lies where her place and her own words have it. */
const textsSay = (boat: Boat): Found[] =>
  boat.texts.flatMap((text): Found[] => {
    const fitting = text.fitting === null ? undefined : boat.file.fittings[text.fitting];
    if (!fitting || text.collection === "fittings") return [];
    const named = theOne.exec(text.words)?.[1]?.toLowerCase();
    if (named !== undefined && differs(named as Side, sideIn(fitting.where.en ?? "") ?? ""))
      return [{ path: text.path, code: "says-other", fact: `/fittings/${text.fitting}/where` }];
    const place = boat.file.places[fitting.place];
    const own = `${fitting.where.en ?? ""} ${fitting.name.en ?? ""} ${fitting.how?.en ?? ""}`;
    const said = text.collection === "procedures" && lies.test(text.words) ? sideIn(text.words) : null;
    return place && differs(said, place.side) && !wordsIn(own).includes(said ?? "")
      ? [{ path: text.path, code: "says-other", fact: `/places/${fitting.place}/side` }]
      : [];
  });

/** Port and starboard are the same wherever they are told. */
export const sidesSay: TruthRule = {
  name: "sides-say",
  find: (boat) => [placesOf, namesOf, fittingsSay, textsSay].flatMap((each) => each(boat)),
};
