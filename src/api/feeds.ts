import { Type } from "@sinclair/typebox";
import { Uuid } from "../core/basics/ids";
import { TimeOfDay } from "../core/charters/agreed";
import { feedKinds } from "../core/feeds/outgoing";
import { Key, oneOf } from "../core/yacht/parts/basics";
import { anyone, staff } from "./callers";
import { Done, endpoint, media } from "./endpoint";
import { ById, DayText, words } from "./fields";
import { closed } from "./schemas/closed";

export const readFeed = endpoint({
  name: "read-feed",
  method: "GET",
  path: "/api/feeds/{secret}/calendar.ics",
  about: "Charters and closed days as iCalendar (RFC 5545), for a calendar program that has the secret address.",
  who: [anyone],
  params: Type.Object({ secret: Type.String({ pattern: "^[\\w-]{20,80}$" }) }, closed),
  answer: media("text/calendar"),
  errors: ["no-such-feed"],
});

export const makeFeed = endpoint({
  name: "make-feed",
  method: "POST",
  path: "/api/base/feeds",
  about: "Makes a secret address under which a calendar program reads the charters of the base or of one yacht.",
  who: [staff("enter-charter")],
  body: Type.Object(
    { kind: oneOf(feedKinds), yacht: Type.Union([Key, Type.Null()]), withNames: Type.Boolean() },
    closed,
  ),
  maxBytes: 500,
  status: 201,
  answer: Type.Object({ id: Uuid, path: Type.String() }, closed),
  isSecret: true,
  errors: ["no-such-yacht"],
});

export const endFeed = endpoint({
  name: "end-feed",
  method: "DELETE",
  path: "/api/base/feeds/{id}",
  about: "Ends a secret address: nothing is read under it any more.",
  who: [staff("enter-charter")],
  params: ById,
  answer: Done,
  errors: ["no-such-feed"],
});

export const addForeignFeed = endpoint({
  name: "add-foreign-feed",
  method: "POST",
  path: "/api/base/foreign-feeds",
  about: "Subscribes to somebody else's calendar of a yacht: what it tells is promised elsewhere.",
  who: [staff("enter-charter")],
  body: Type.Object({ yacht: Key, name: words(60), address: Type.String({ minLength: 8, maxLength: 2000 }) }, closed),
  maxBytes: 4000,
  status: 201,
  answer: Type.Object({ id: Uuid }, closed),
  errors: ["no-such-yacht", "feed-address"],
});

export const findElsewhere = endpoint({
  name: "find-elsewhere",
  method: "GET",
  path: "/api/elsewhere",
  about: "What other calendars say is promised of a yacht in some days.",
  who: [staff("enter-charter")],
  query: Type.Object({ yacht: Key, fromDay: DayText, outAt: TimeOfDay, toDay: DayText, backAt: TimeOfDay }, closed),
  answer: Type.Object(
    {
      timeZone: Type.String(),
      elsewhere: Type.Array(
        Type.Object({ feed: Type.String(), startsAt: Type.String(), endsAt: Type.String() }, closed),
      ),
    },
    closed,
  ),
});

export const readForeignFeed = endpoint({
  name: "read-foreign-feed",
  method: "POST",
  path: "/api/base/foreign-feeds/{id}/read",
  about: "Reads somebody else's calendar now; what it told before stands where it cannot be read.",
  who: [staff("enter-charter")],
  params: ById,
  answer: Type.Object({ events: Type.Integer({ minimum: 0 }) }, closed),
  errors: [
    "no-such-feed",
    "feed-address",
    "feed-away",
    "feed-refused",
    "feed-slow",
    "feed-too-large",
    "feed-redirects",
    "feed-no-calendar",
    "feed-endless",
  ],
});

export const endForeignFeed = endpoint({
  name: "end-foreign-feed",
  method: "DELETE",
  path: "/api/base/foreign-feeds/{id}",
  about: "Ends a subscription; what it told is gone from the calendar.",
  who: [staff("enter-charter")],
  params: ById,
  answer: Done,
  errors: ["no-such-feed"],
});
