import "server-only";
import type { MessageWay } from "@/core/messages/kinds";
import type { BaseRow } from "../db/base";

/** Whether a message of a base leaves the house: mail does where a mail server is set, texts do not yet; nothing of the demo ever does. */
export const leavesTheHouse = (base: Pick<BaseRow, "isDemo">, way: MessageWay): boolean =>
  way === "mail" && !base.isDemo && Boolean(process.env.SMTP_URL);

/** How a message begins: it waits for the queue, or nothing of it leaves the house. */
export const firstState = (
  base: Pick<BaseRow, "isDemo">,
  way: MessageWay,
  address: string | null,
): "queued" | "simulated" | "no-address" =>
  address === null ? "no-address" : leavesTheHouse(base, way) ? "queued" : "simulated";

/** Why mail of a base does not leave the house; null where it does. */
export const whyMailStays = (base: Pick<BaseRow, "isDemo">): "demo" | "simulated" | null =>
  base.isDemo ? "demo" : leavesTheHouse(base, "mail") ? null : "simulated";

/** The address under which guests reach this house, without a slash at its end. */
export const houseAddress = (): string =>
  (process.env.ORIGIN ?? `http://127.0.0.1:${process.env.BRINECOVE_PORT ?? "4310"}`).replace(/\/+$/, "");
