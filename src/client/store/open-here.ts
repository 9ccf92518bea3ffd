import type { walkAlone } from "@/api/book";
import type { joinHandover, openHandover } from "@/api/handovers";
import { call, type Asked } from "../api/call";

export type FirstScreen = "list" | "walk";
type Opener = typeof openHandover | typeof joinHandover | typeof walkAlone;

/**
 * Opens or joins a handover on this device: asks the base for its list and this device's grant, keeps both here, and goes
 * to its screens.
 *
 * @param opener the endpoint that opens it: the desk's, the crew's, or the boat book's
 * @throws AppError when the base refuses
 */
export async function openHere<E extends Opener>(opener: E, asked: Asked<E>, screen: FirstScreen): Promise<void> {
  const { keepHandover } = await import("./database");
  const { handover, grant, bundle } = await call<Opener>(opener, asked as Asked<Opener>);
  await keepHandover(handover, grant, bundle);
  location.assign(`/handover#${handover}${screen === "walk" ? "/walk" : ""}`);
}
