import { playKills } from "../kills/play";
import type { Prepared } from "../prepare";

/** Says what came of many kills of app, database and browser. */
export async function killFigures(
  say: (what: string, figure: string) => void,
  origin: string,
  prepared: Prepared,
  kills: number,
): Promise<void> {
  const { killed, promised, lost, doubled, refused, opens, slowestMs } = await playKills(origin, prepared, kills);
  say("kills of app / database / a tablet's browser", `${killed.app} / ${killed.database} / ${killed.browser}`);
  say("entries promised to a device, or on its screen", String(promised));
  say("of them lost", String(lost));
  say("doubled, or a gap in their numbers", String(doubled));
  say("refused", String(refused));
  say("the handover opens again", opens ? "yes" : "no");
  say("longest until all answered again", `${(slowestMs / 1000).toFixed(1)} s`);
}
