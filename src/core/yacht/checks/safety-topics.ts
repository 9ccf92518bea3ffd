import type { YachtFile } from "../schema";
import type { FileCheck } from "./check";

const hasDiesel = ({ engines }: YachtFile) => Object.values(engines).some((engine) => engine.kind === "diesel");
const hasItem =
  (key: string) =>
  ({ inventory }: YachtFile) =>
    Object.hasOwn(inventory, key);
const always = () => true;

/** What people leave out most often when they brief from memory; each has a procedure on every yacht that it concerns. */
export const safetyTopics: readonly { procedure: string; about: string; concerns: (file: YachtFile) => boolean }[] = [
  {
    procedure: "anchor-load-off",
    about: "taking the anchor's load off the windlass",
    concerns: ({ groundTackle }) => Object.values(groundTackle).some((tackle) => tackle.windlass !== undefined),
  },
  { procedure: "life-raft", about: "the life raft", concerns: hasItem("life-raft") },
  { procedure: "jackets-on", about: "life jackets", concerns: always },
  { procedure: "first-aid", about: "first aid", concerns: always },
  { procedure: "flares-use", about: "flares", concerns: hasItem("flare-set") },
  { procedure: "emergency-tiller", about: "the emergency tiller", concerns: hasItem("emergency-tiller") },
  { procedure: "no-cooling-water", about: "the look at the cooling water", concerns: hasDiesel },
  { procedure: "extinguishers", about: "extinguishers", concerns: always },
  {
    procedure: "anchor-down",
    about: "anchoring and the length of chain",
    concerns: ({ groundTackle }) => Object.keys(groundTackle).length > 0,
  },
  { procedure: "man-overboard", about: "man overboard", concerns: always },
  { procedure: "fuel-cut-off", about: "the fuel cut-off", concerns: hasDiesel },
];

/** No safety topic is without a procedure, and none of those procedures may fall away from a briefing. */
export const safetyTopicsCovered: FileCheck = {
  name: "safety-topics-covered",
  level: "error",
  find: (file) =>
    safetyTopics
      .filter(({ concerns }) => concerns(file))
      .flatMap(({ procedure, about }) => {
        const found = file.procedures[procedure];
        if (!found)
          return [
            {
              path: `/procedures/${procedure}`,
              message: `${about}: there is no procedure for it, and it is what people forget`,
            },
          ];
        return found.safety
          ? []
          : [
              {
                path: `/procedures/${procedure}/safety`,
                message: `${about}: marked as if a briefing could leave it out`,
              },
            ];
      }),
};
