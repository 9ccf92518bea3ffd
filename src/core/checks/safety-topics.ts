import type { ProcedurePurpose } from "../yacht/parts/purposes";
import type { YachtFile } from "../yacht/schema";
import type { FileCheck } from "./check";

const hasDiesel = ({ engines }: YachtFile) => Object.values(engines).some((engine) => engine.kind === "diesel");
const hasItem =
  (matter: string) =>
  ({ inventory }: YachtFile) =>
    Object.values(inventory).some((item) => item.matter === matter);
const always = () => true;

/** What people leave out most often when they brief from memory; each has a procedure on every yacht that it concerns. */
export const safetyTopics: readonly {
  purpose: ProcedurePurpose;
  about: string;
  concerns: (file: YachtFile) => boolean;
}[] = [
  {
    purpose: "anchor-load-off",
    about: "taking the anchor's load off the windlass",
    concerns: ({ groundTackle }) => Object.values(groundTackle).some((tackle) => tackle.windlass !== undefined),
  },
  {
    purpose: "life-raft",
    about: "the life raft",
    concerns: (file) =>
      hasItem("raft")(file) || Object.values(file.fittings).some((fitting) => fitting.kind === "life-raft"),
  },
  { purpose: "life-jackets", about: "life jackets", concerns: always },
  { purpose: "first-aid", about: "first aid", concerns: always },
  { purpose: "flares", about: "flares", concerns: hasItem("flares") },
  {
    purpose: "emergency-tiller",
    about: "the emergency tiller",
    // she has one unless a tiller is what she is steered by
    concerns: ({ furniture }) => !Object.values(furniture).some(({ kind }) => kind === "tiller"),
  },
  { purpose: "cooling-water-lost", about: "the look at the cooling water", concerns: hasDiesel },
  { purpose: "extinguishers", about: "extinguishers", concerns: always },
  {
    purpose: "anchor-down",
    about: "anchoring and the length of chain",
    concerns: ({ groundTackle }) => Object.keys(groundTackle).length > 0,
  },
  { purpose: "man-overboard", about: "man overboard", concerns: always },
  { purpose: "fuel-cut-off", about: "the fuel cut-off", concerns: hasDiesel },
];

/** No safety topic is without a procedure, and none of those procedures may fall away from a briefing. */
export const safetyTopicsCovered: FileCheck = {
  name: "safety-topics-covered",
  level: "error",
  find: (file) =>
    safetyTopics
      .filter(({ concerns }) => concerns(file))
      .flatMap(({ purpose, about }) => {
        const found = Object.entries(file.procedures).filter(([, procedure]) => procedure.purpose === purpose);
        if (found.length === 0)
          return [
            {
              path: "/procedures",
              message: `${about}: no procedure has the purpose ${purpose}, and it is what people forget`,
            },
          ];
        return found
          .filter(([, procedure]) => !procedure.safety)
          .map(([key]) => ({
            path: `/procedures/${key}/safety`,
            message: `${about}: marked as if a briefing could leave it out`,
          }));
      }),
};
