import type { YachtFile } from "../../yacht/schema";
import { missing, type Needed } from "./needed";

const inSteps = (file: YachtFile): ReadonlySet<string> =>
  new Set(Object.values(file.procedures).flatMap(({ steps }) => steps.flatMap(({ fitting }) => fitting ?? [])));

/** What lets water, fuel or gas through, or stops it, is worked in some procedure: nobody looks for it at night otherwise. */
export const covered: Needed = {
  name: "covered",
  find: (file) => {
    const worked = inSteps(file);
    return [
      ...Object.entries(file.fittings)
        .filter(([key, { kind }]) => ["seacock", "cut-off"].includes(kind) && !worked.has(key))
        .map(([key]) => missing(`/fittings/${key}/name`)),
      ...Object.entries(file.tanks)
        .filter(([, { holds, valve }]) => holds === "water" && valve !== undefined && !worked.has(valve))
        .map(([key, { valve }]) => missing(`/tanks/${key}/name`, `/fittings/${valve}`)),
      ...headsOpened(file),
      ...pumpsRead(file),
      ...outboardsKnown(file),
      ...topicsTaken(file),
    ];
  },
};

/** A head whose seacocks are kept shut is used after they are opened. */
function headsOpened(file: YachtFile) {
  return Object.entries(file.procedures)
    .filter(([, { system, kind, title }]) => system === "waste" && kind === "work" && /\buse\b/i.test(title.en ?? ""))
    .flatMap(([key, procedure]) => {
      const shut = Object.entries(file.fittings).filter(
        ([, fitting]) => fitting.kind === "seacock" && fitting.place === procedure.place && fitting.normally === "shut",
      );
      const opens = procedure.steps.some(({ fitting }) => shut.some(([each]) => each === fitting));
      return shut.length > 0 && !opens
        ? [missing(`/procedures/${key}/title`, `/fittings/${shut[0]![0]}/normally`)]
        : [];
    });
}

/** Each bilge with an electric pump is looked into. */
function pumpsRead(file: YachtFile) {
  const read = Object.values(file.readings).filter(({ kind }) => kind === "bilge");
  const pumps = Object.entries(file.fittings).filter(
    ([, { kind, system, handle }]) => kind === "pump" && system === "bilge" && handle === undefined,
  );
  if (pumps.length < 2) return [];
  return pumps
    .filter(([, pump]) => !read.some(({ place }) => place === pump.place))
    .slice(0, Math.max(0, pumps.length - read.length))
    .map(([key]) => missing(`/fittings/${key}/name`, `/fittings/${key}/place`));
}

/** A tender's outboard is counted, tried and started by some procedure. */
function outboardsKnown(file: YachtFile) {
  const names = (parts: Record<string, { name?: { en?: string }; title?: { en?: string } }>) =>
    Object.values(parts).map(({ name, title }) => name?.en ?? title?.en ?? "");
  const knows = (list: string[]) =>
    list.some((name) => /^(\p{L}+ (the )?)?outboard\b(?! (can|cover|lock|oil))/iu.test(name));
  return Object.entries(file.tenders).flatMap(([key, { outboard }]) =>
    outboard === undefined ||
    (knows(names(file.inventory)) && knows(names(file.tests)) && knows(names(file.procedures)))
      ? []
      : [missing(`/tenders/${key}/outboard/name`)],
  );
}

/** What one does with her is taken up at some stop of the briefing, or stands behind a topic that is. */
function topicsTaken(file: YachtFile) {
  const taken = new Set(Object.values(file.stops).flatMap(({ topics }) => topics ?? []));
  return Object.entries(file.procedures)
    .filter(([key, { kind }]) => kind === "work" && !taken.has(key))
    .map(([key]) => missing(`/procedures/${key}/title`, "/stops"));
}
