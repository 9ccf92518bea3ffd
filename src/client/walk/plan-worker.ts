import { InputError } from "@/core/basics/calculation";
import { planWalk } from "@/core/briefing/walk/plan-walk";
import type { WalkInput } from "@/core/briefing/walk/schema";

/** Plans walks beside the screen, which never waits for it. */
addEventListener("message", ({ data }: MessageEvent<{ number: number; input: WalkInput }>) => {
  try {
    postMessage({ number: data.number, plan: planWalk(data.input) });
  } catch (error) {
    postMessage({ number: data.number, fault: error instanceof InputError ? error.message : String(error) });
  }
});
