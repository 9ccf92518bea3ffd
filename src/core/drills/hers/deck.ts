import type { YachtFile } from "../../yacht/schema";
import { inUse, one, type HerDrill } from "./her-drill";

const slabParts = ["topping-lift", "winch", "clutch", "halyard", "tack", "clew", "ties"];

/** Only where her file says how the main is made smaller, and with the lines she has. */
export function sailDrills({ sails, lines }: YachtFile): HerDrill[] {
  const hers = inUse(sails).map(([, sail]) => sail);
  const main = hers.find(({ kind }) => kind === "main-slab" || kind === "main-in-mast");
  if (!main) return [];
  const isSlab = main.kind === "main-slab";
  const rolls = hers.some(({ kind }) => kind === "furling-headsail");
  const hasLift = Object.values(lines).some(({ kind }) => kind === "topping-lift");
  return [
    one(
      "sails",
      rolls ? ["reef", "roll-headsail"] : ["reef"],
      { main: isSlab ? "slab" : "in-mast", areaM2: main.areaM2, boomHeld: !hasLift },
      [
        ...(isSlab ? ["outhaul", "furl"] : slabParts),
        ...(hasLift ? [] : ["topping-lift"]),
        ...(rolls ? [] : ["jib-sheet", "turns", "jib-furl", "rolled"]),
      ],
    ),
  ];
}

export function davitDrills({ procedures }: YachtFile): HerDrill[] {
  const has = Object.values(procedures).some(({ purpose }) => purpose === "davits");
  return has ? [one("davits", ["tender-down", { task: "tender-up", setup: { starts: "afloat" } }])] : [];
}

/** Only where her file says that it moves: steps in a stern do not. */
export function platformDrills({ platforms }: YachtFile): HerDrill[] {
  const moving = Object.values(platforms).find(({ moves }) => moves !== undefined);
  return moving ? [one("platform", ["bathe"])] : [];
}
