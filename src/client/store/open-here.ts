import { ask } from "../api";

export type FirstScreen = "list" | "walk";

/**
 * Opens or joins a handover on this device: asks the base for its list and this device's grant, keeps both here, and goes
 * to its screens.
 *
 * @param path the route that opens it: the desk's, or the boat book's
 * @throws ApiFault when the base refuses
 */
export async function openHere(path: string, body: unknown, screen: FirstScreen): Promise<void> {
  const [{ check }, { keepHandover }] = await Promise.all([
    import("@/formats/generated/open-answer"),
    import("./database"),
  ]);
  const { handover, grant, bundle } = await ask(path, check, { method: "POST", body });
  await keepHandover(handover, grant, bundle);
  location.assign(`/handover#${handover}${screen === "walk" ? "/walk" : ""}`);
}
