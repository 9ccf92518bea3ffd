import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { charter, staff } from "./callers";
import { Done, endpoint } from "./endpoint";
import { ById } from "./fields";
import { closed } from "./schemas/closed";
import { DrillAnswer, FaultGiven, OpenDrill, WorkedDrill } from "./schemas/drills";

export const showDrill = endpoint({
  name: "show-drill",
  method: "POST",
  path: "/api/book/drill",
  about:
    "Tells how a drill stands on this device, and takes the fault that somebody at the desk gives it. Nothing is kept.",
  who: [charter()],
  body: Type.Object({ panel: Uuid, worked: WorkedDrill }, closed),
  maxBytes: 10_000,
  answer: DrillAnswer,
});

export const watchDrills = endpoint({
  name: "watch-drills",
  method: "GET",
  path: "/api/stays/{id}/drills",
  about: "Shows the drills that are open just now on devices of a charter.",
  who: [staff("hand-over")],
  params: ById,
  answer: Type.Object({ drills: Type.Array(OpenDrill) }, closed),
  errors: ["no-such-stay"],
});

export const sendFault = endpoint({
  name: "send-fault",
  method: "POST",
  path: "/api/stays/{id}/drills/fault",
  about: "Gives an open drill a fault, or takes it away: it begins anew, as practice.",
  who: [staff("hand-over")],
  params: ById,
  body: Type.Object({ panel: Uuid, fault: FaultGiven }, closed),
  maxBytes: 1000,
  status: 201,
  answer: Done,
  errors: ["no-such-stay", "drill-closed", "no-such-fault"],
});
