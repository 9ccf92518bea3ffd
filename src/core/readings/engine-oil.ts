import { Type, type Static } from "@sinclair/typebox";
import { asks, fine, generalPractice, History, impossible, type Judgement, type ReadingRule } from "./rule";

const schema = Type.Object(
  {
    reading: Type.Literal("engine-oil"),
    /** 0 = lower mark, 100 = upper mark of the dipstick, engine cold */
    levelPercent: Type.Number(),
    looks: Type.Optional(Type.Union([Type.Literal("clean"), Type.Literal("black"), Type.Literal("creamy"), Type.Literal("gritty"), Type.Literal("fuel-smell")])),
    history: History,
  },
  { additionalProperties: false },
);
type In = Static<typeof schema>;

const limit = { from: generalPractice, stopBelowPercent: 0, watchAbovePercent: 100 };

function judge(input: In): Judgement {
  const { levelPercent, looks } = input;
  if (levelPercent < -100 || levelPercent > 200) {
    return impossible(`${levelPercent} % cannot be read off a dipstick`, "Wipe it, dip again, read between the marks.", limit);
  }
  if (looks === "creamy") return asks("stop", "Grey or creamy oil: water in it", "Do not start. Call the technician.", limit);
  if (looks === "fuel-smell" || looks === "gritty") {
    return asks("stop", looks === "gritty" ? "Gritty oil" : "The oil smells of fuel", "Do not start. Call the technician.", limit);
  }
  if (levelPercent < 0) return asks("stop", "Oil below the lower mark", "Do not start. Top up with the right grade and dip again.", limit);
  if (levelPercent > 120) {
    return asks("stop", "Oil far above the upper mark: overfilled, or fuel or water in it", "Do not start. Call the technician.", limit);
  }
  if (levelPercent > 100) {
    return asks("watch", "Oil above the upper mark: overfilled, or something is getting in", "Look at its colour and smell, dip again tomorrow.", limit);
  }
  const last = input.history?.at(-1);
  if (last !== undefined && levelPercent > last + 15) {
    return asks("watch", `Oil has risen from ${last} % to ${levelPercent} %`, "If nobody topped it up, suspect water or fuel in it.", limit);
  }
  if (levelPercent < 20) return asks("watch", "Oil close to the lower mark", "Top up before leaving; dip daily.", limit);
  return fine(`Oil between the marks, at ${levelPercent} %`, limit);
}

/** Engine oil on the dipstick, cold: level between the marks, colour and smell. Black oil is no fault. */
export const engineOil: ReadingRule<In> = { name: "engine-oil", schema, judge };
