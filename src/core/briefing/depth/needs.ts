import type { ProcedurePurpose } from "../../yacht/parts/purposes";
import { servesPurpose } from "../../yacht/purposes";
import type { YachtFile } from "../../yacht/schema";
import type { Handled } from "../experience";
import type { Topic } from "../topics";

/** What one must have handled to know a topic of this yacht already; null where no experience says anything of it. */
export function needsFor(topic: Topic, file: YachtFile): Handled[] | null {
  const has = (...purposes: ProcedurePurpose[]) => servesPurpose(file, topic.procedures, ...purposes);
  const diesel = Object.values(file.engines).some((engine) => engine.kind === "diesel");
  if (has("twin-engines")) return ["twin-engines"];
  if (topic.system === "engine") return [diesel ? "diesel" : "outboard"];
  if (has("anchor-down", "windlass-dead"))
    return Object.values(file.groundTackle).some((tackle) => tackle.windlass !== undefined)
      ? ["electric-windlass"]
      : ["hand-windlass"];
  if (has("thruster")) return ["thruster"];
  if (has("autopilot")) return ["autopilot"];
  if (has("main-hoist"))
    return [Object.values(file.sails).some((sail) => sail.kind === "main-in-mast") ? "in-mast" : "slab-reefing"];
  if (has("radio")) return ["vhf"];
  if (has("generator-start")) return ["generator"];
  if (has("shore-power")) return ["shore-power"];
  if (has("davits")) return ["davits", "outboard"];
  if (topic.system === "gas") return ["gas"];
  if (topic.system === "waste") {
    const head = Object.values(file.heads).find((each) => each.place === topic.place) ?? Object.values(file.heads)[0];
    if (!head || head.kind === "portable") return null;
    return [
      head.kind === "electric" ? "electric-head" : "manual-head",
      ...(head.tank === undefined ? [] : (["holding-tank"] as const)),
    ];
  }
  return null;
}
