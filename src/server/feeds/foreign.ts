import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { addForeignFeed } from "@/api/feeds";
import { addDays, addHours } from "@/core/basics/instant";
import { ownUid } from "@/core/feeds/outgoing";
import { readIcal } from "@/formats/ical-read";
import { now } from "../clock";
import { currentBase } from "../db/base";
import * as feeds from "../db/feeds";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { findYacht } from "../db/yachts";
import { log } from "../log";
import { feedAddress, fetchFeed } from "./fetch-feed";

const [daysBack, daysAhead] = [30, 550];
const everyHours = 1;

/** Subscribes to somebody else's calendar of a yacht. */
export async function subscribe(
  db: Queryable,
  { yacht: slug, name, address }: Static<typeof addForeignFeed.body>,
  by: string,
): Promise<{ id: string }> {
  const yacht = await findYacht(db, { slug });
  if (!yacht) throw new AppError("no-such-yacht", {}, "yacht");
  const id = uuid();
  const { href } = feedAddress(address);
  await feeds.addForeignFeed(db, { id, yachtId: yacht.id, name: name.trim(), address: href, by, at: now() });
  return { id };
}

/** Ends a subscription. */
export async function unsubscribe(db: Queryable, id: string): Promise<Record<string, never>> {
  if (!(await feeds.endForeignFeed(db, id, now()))) throw new AppError("no-such-feed");
  return {};
}

/** Reads a subscription now. The outside is asked between two transactions, so that none waits for it. */
export async function readNow(baseId: string, id: string): Promise<{ events: number }> {
  const feed = await inBaseTransaction(baseId, (db) => feeds.takeToRead(db, id, now(), null));
  if (!feed) throw new AppError("no-such-feed");
  return read(baseId, feed);
}

/** Reads the subscriptions of a base that were not read for an hour. What fails is noted and tried again. */
export async function readWhereDue(baseId: string): Promise<void> {
  const before = addHours(now(), -everyHours);
  for (const id of await inBaseTransaction(baseId, (db) => feeds.feedsAskedBefore(db, before))) {
    const feed = await inBaseTransaction(baseId, (db) => feeds.takeToRead(db, id, now(), before));
    if (!feed) continue;
    await read(baseId, feed).catch((error: unknown) => {
      const code = error instanceof AppError ? error.code : "unforeseen";
      log.warn({ feed: id, code }, "a foreign feed was not read");
    });
  }
}

async function read(baseId: string, { id, address }: feeds.FeedToRead): Promise<{ events: number }> {
  try {
    const text = await fetchFeed(address);
    const at = now();
    return await inBaseTransaction(baseId, async (db) => {
      const { timeZone } = await currentBase(db);
      const found = readIcal(text, {
        from: `${addDays(at.slice(0, 10), -daysBack)}T00:00:00.000Z`,
        until: `${addDays(at.slice(0, 10), daysAhead)}T00:00:00.000Z`,
        timeZone,
      });
      if ("fault" in found) throw new AppError(`feed-${found.fault}`);
      // what we told ourselves is no news when it comes back
      const events = found.events.filter(({ uid }) => !uid.endsWith(ownUid));
      await feeds.writeElsewhere(db, id, at, events);
      return { events: events.length };
    });
  } catch (error) {
    if (error instanceof AppError) await inBaseTransaction(baseId, (db) => feeds.noteFeedFault(db, id, error.code));
    throw error;
  }
}
