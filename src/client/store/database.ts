import Dexie, { type EntityTable } from "dexie";
import type { Entry } from "@/core/handover/entry";
import type { Permit } from "@/core/handover/permit";
import type { HandoverBundle } from "@/api/schemas/handover";
import type { KeptItem } from "../outbox/items";
import type { OutPhoto } from "../outbox/photos";

/** A handover this device can record on, as it is found when the shell opens. */
export interface KnownHandover {
  handover: string;
  database: string;
  yacht: string;
  openedAt: string;
}

/** An entry kept on this device, with how far it has come. */
export interface KeptEntry extends KeptItem {
  entry: Entry;
}

/** A small copy of a photo of an earlier handover, to look at beside what is seen now. */
export interface EarlierPhoto {
  hash: string;
  bytes: Blob;
}

/** What a handover is made of, and this device's right to record on it. Large, and seldom written. */
export interface KeptHandover {
  key: "handover";
  bundle: HandoverBundle;
  grant: string;
  /** a seal made here and not yet taken by the base */
  sealToSend: unknown;
  /** the seal that was made here last */
  ownSeal?: string;
}

/** How far this device is with the base; written after every exchange, and so kept apart. */
export interface KeptExchange {
  key: "exchange";
  /** number of the last entry pulled from the base */
  lastNumber: number;
  lastHeardAt: string | null;
  /** names of those who record on this handover */
  people?: Record<string, string>;
  /** the base's word on who records here, the newest first */
  permits?: Permit[];
  /** how far the device's clock is ahead of the base's */
  offsetMs: number | null;
}

export type HandoverDatabase = Dexie & {
  handover: EntityTable<KeptHandover, "key">;
  exchange: EntityTable<KeptExchange, "key">;
  entries: EntityTable<KeptEntry, "id">;
  photos: EntityTable<OutPhoto, "hash">;
  earlier: EntityTable<EarlierPhoto, "hash">;
};

type Directory = Dexie & { handovers: EntityTable<KnownHandover, "handover"> };

/** The device's list of handovers; the data of each lie in a store of their own, so that they can be erased as one. */
export function directory(): Directory {
  const db = new Dexie("brinecove-devices") as Directory;
  db.version(1).stores({ handovers: "handover" });
  return db;
}

/** One store per person and handover. */
export function handoverDatabase(name: string): HandoverDatabase {
  const db = new Dexie(name) as HandoverDatabase;
  db.version(1).stores({ handover: "key", exchange: "key", entries: "id, state", photos: "hash, state" });
  db.version(2).stores({ earlier: "hash" });
  return db;
}

/** The id of this device, made once. */
export function deviceId(): string {
  const key = "brinecove-device";
  const known = localStorage.getItem(key);
  if (known) return known;
  const fresh = crypto.randomUUID();
  localStorage.setItem(key, fresh);
  return fresh;
}

/** Keeps what opening a handover gave: its bundle and this device's grant. What is there already of it stays. */
export async function keepHandover(handover: string, grant: string, bundle: HandoverBundle): Promise<void> {
  const name = `brinecove-${handover}-${bundle.me.person}`;
  const db = handoverDatabase(name);
  const heard = { lastHeardAt: bundle.serverTime, offsetMs: Date.now() - Date.parse(bundle.serverTime) };
  const [before, exchange] = [await db.handover.get("handover"), await db.exchange.get("exchange")];
  const own = before?.ownSeal === undefined ? {} : { ownSeal: before.ownSeal };
  await db.handover.put({ key: "handover", bundle, grant, sealToSend: before?.sealToSend ?? null, ...own });
  // a permit is made out to one grant: those of an earlier one are worth nothing any more
  const permits = bundle.permit ? [bundle.permit] : [];
  await db.exchange.put({ ...exchange, key: "exchange", lastNumber: exchange?.lastNumber ?? 0, ...heard, permits });
  db.close();
  const devices = directory();
  await devices.handovers.put({ handover, database: name, yacht: bundle.list.yacht.name, openedAt: bundle.serverTime });
  devices.close();
}
