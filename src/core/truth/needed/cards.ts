import type { YachtFile } from "../../yacht/schema";
import { missing, type Needed } from "./needed";

interface Card {
  key: string;
  /** how its title tells what it is for */
  title: RegExp;
  concerns: (file: YachtFile) => boolean;
}

const always = () => true;
const diesel = ({ engines }: YachtFile) => Object.values(engines).some(({ kind }) => kind === "diesel");
const cabins = ({ particulars }: YachtFile) => particulars.hull !== "day-boat";

/** Emergency cards that a boat of her kind has: what kills or sinks, and the first moves in what happens most. */
export const requiredCards: readonly Card[] = [
  { key: "man-overboard", title: /overboard/i, concerns: always },
  { key: "fire", title: /fire/i, concerns: always },
  { key: "mayday", title: /distress|mayday/i, concerns: always },
  { key: "water-coming-in", title: /water.*(in\b|inside)|flood|leak/i, concerns: cabins },
  { key: "smell-of-gas", title: /gas/i, concerns: ({ gas }) => Object.keys(gas).length > 0 },
  { key: "engine-hot", title: /cooling|hot|heat/i, concerns: diesel },
  {
    key: "steering-lost",
    title: /steering|rudder/i,
    concerns: ({ furniture }) => !Object.values(furniture).some(({ kind }) => kind === "tiller"),
  },
  { key: "aground", title: /aground/i, concerns: always },
  { key: "fouled-propeller", title: /propeller|screw/i, concerns: ({ engines }) => Object.keys(engines).length > 0 },
  { key: "dragging", title: /drag/i, concerns: ({ groundTackle }) => Object.keys(groundTackle).length > 0 },
  { key: "oil-pressure", title: /oil/i, concerns: diesel },
  {
    key: "charge-alarm",
    title: /charg/i,
    concerns: ({ chargers }) => Object.values(chargers).some(({ kind }) => kind === "alternator"),
  },
  { key: "rig-down", title: /rig|mast|shroud/i, concerns: ({ sails }) => Object.keys(sails).length > 0 },
  { key: "casualty", title: /casualty|hurt|injur|ill\b/i, concerns: always },
];

/** The emergency cards that are not there. */
export const cards: Needed = {
  name: "cards",
  find: (file) => {
    const titles = Object.values(file.emergencyCards).map(({ title }) => title.en ?? "");
    return requiredCards
      .filter(({ concerns, title }) => concerns(file) && !titles.some((each) => title.test(each)))
      .map(({ key }) => missing(`/emergencyCards/${key}`));
  },
};
