import "server-only";
import type { Static } from "@sinclair/typebox";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import type { makeFeed } from "@/api/feeds";
import type { FeedsView } from "@/api/schemas/feeds";
import { addDays } from "@/core/basics/instant";
import { feedEvents, type FeedEvent } from "@/core/feeds/outgoing";
import { icalOf } from "@/formats/ical-write";
import { englishTranslator } from "@/messages/translator";
import { freshToken, tokenHash } from "../auth/token";
import { now } from "../clock";
import { currentBase } from "../db/base";
import * as feeds from "../db/feeds";
import { inBaseTransaction, type Queryable } from "../db/pool";
import { findYacht, yachtNames } from "../db/yachts";

/** Days that a feed looks back: a program that is opened once a month still hears what was called off. */
const daysBack = 60;

/** Makes a feed. Its address is shown once and kept only as a hash. */
export async function makeOwn(
  db: Queryable,
  { kind, yacht: slug, withNames }: Static<typeof makeFeed.body>,
  by: string,
): Promise<{ id: string; path: string }> {
  const yacht = kind === "yacht" ? await findYacht(db, { slug: slug ?? "" }) : null;
  if (kind === "yacht" && !yacht) throw new AppError("no-such-yacht", {}, "yacht");
  const [id, secret] = [uuid(), freshToken()];
  const row = { id, kind, yachtId: yacht?.id ?? null, secretHash: tokenHash(secret), withNames, by, at: now() };
  await feeds.addFeed(db, row);
  return { id, path: `/api/feeds/${secret}/calendar.ics` };
}

/** Ends a feed. */
export async function endOwn(db: Queryable, id: string): Promise<Record<string, never>> {
  if (!(await feeds.endFeed(db, id, now()))) throw new AppError("no-such-feed");
  return {};
}

/** The calendar that a secret address opens. */
export async function calendarOf(secret: string): Promise<Response> {
  const at = now();
  const feed = await feeds.feedBySecret(tokenHash(secret), at);
  if (!feed) throw new AppError("no-such-feed");
  const text = await inBaseTransaction(feed.baseId, async (db) => {
    const base = await currentBase(db);
    const from = `${addDays(at.slice(0, 10), -daysBack)}T00:00:00.000Z`;
    const charters = await feeds.fedCharters(db, feed.yachtId, from);
    const closings = await feeds.fedClosings(db, feed.yachtId, from);
    const yacht = feed.yachtId === null ? null : await findYacht(db, { id: feed.yachtId });
    return icalOf(yacht?.name ?? base.name, feedEvents({ charters, closings }, feed), wordsOf);
  });
  return new Response(text, {
    headers: { "content-type": "text/calendar; charset=utf-8", "cache-control": "private, no-store" },
  });
}

function wordsOf({ yacht, what }: FeedEvent): string {
  if (what.kind === "charter") return [yacht, what.reference, what.skipper].filter(Boolean).join(" · ");
  return `${yacht} · ${englishTranslator()(`calendar.kind-${what.kind}` as never)}`;
}

/** What the page of calendars begins with. */
export async function feedsView(db: Queryable): Promise<FeedsView> {
  return {
    timeZone: (await currentBase(db)).timeZone,
    yachts: await yachtNames(db),
    feeds: await feeds.standingFeeds(db),
    foreign: await feeds.standingForeignFeeds(db, now()),
  };
}
