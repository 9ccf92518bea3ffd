import { playKills } from "../kills/play";
import type { Prepared } from "../prepare";
import { needFreePort } from "../serve";
import type { Count } from "./count";

const port = 4324;

/** A short play of kills: nothing that was promised is lost, nothing stands twice, and the handover opens again. */
export async function killsLane(prepared: Prepared): Promise<Count> {
  await needFreePort(port);
  const played = await playKills(`http://127.0.0.1:${port}`, prepared, 3);
  const isWell = played.promised > 0 && played.lost + played.doubled + played.refused === 0 && played.opens;
  if (!isWell) console.error("What came of the kills:", played);
  return isWell ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}
