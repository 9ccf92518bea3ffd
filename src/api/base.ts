import { Type } from "@sinclair/typebox";
import { BaseRules } from "../core/base/rules";
import { PriceList } from "../core/settlement/prices";
import { Key, oneOf } from "../core/yacht/parts/basics";
import { simulatedWeathers } from "../core/weather/forecast";
import { staff } from "./callers";
import { Done, endpoint, media } from "./endpoint";
import { closed } from "./schemas/closed";
import { DayText, words } from "./fields";
import { GoTo } from "./schemas/go-to";

const onNumber = Type.Integer({ minimum: 0, maximum: 2_000_000_000 });

export const settleRules = endpoint({
  name: "settle-rules",
  method: "POST",
  path: "/api/base/rules",
  about: "Settles the rules of the base anew, with a reason, and never over another's change unseen.",
  who: [staff("settle-rules")],
  body: Type.Object({ onNumber, rules: BaseRules, why: words(500) }, closed),
  maxBytes: 20_000,
  status: 201,
  answer: Done,
  errors: ["rules-changed"],
});

export const settlePrices = endpoint({
  name: "settle-prices",
  method: "POST",
  path: "/api/base/prices",
  about: "Settles the price list anew, with a reason, and never over another's change unseen.",
  who: [staff("settle-prices")],
  body: Type.Object({ onNumber, prices: PriceList, why: words(500) }, closed),
  maxBytes: 200_000,
  status: 201,
  answer: Done,
  errors: ["prices-changed", "stands-twice"],
});

export const simulateWeather = endpoint({
  name: "simulate-weather",
  method: "POST",
  path: "/api/weather",
  about: "Tells the simulated weather feed what to say of a day.",
  who: [staff("simulate-weather")],
  body: Type.Object({ day: DayText, weather: oneOf(simulatedWeathers) }, closed),
  maxBytes: 1000,
  status: 201,
  answer: Done,
});

export const saveHistory = endpoint({
  name: "save-history",
  method: "GET",
  path: "/api/history.csv",
  about: "What goes missing, what breaks and what it costs, of the last year, as CSV; of one yacht where it is named.",
  who: [staff("see-desk")],
  query: Type.Object({ yacht: Type.Optional(Key) }, closed),
  answer: media("text/csv"),
});

export const lookOverBase = endpoint({
  name: "look-over-base",
  method: "POST",
  path: "/api/base/look",
  about: "Looks over the base now, as every night: money beside the terminal's book, chains of seals, sealed records.",
  who: [staff("see-health")],
  answer: Type.Object({ findings: Type.Integer({ minimum: 0 }) }, closed),
});

export const askForBackup = endpoint({
  name: "ask-for-backup",
  method: "POST",
  path: "/api/base/backup",
  about: "Asks for a backup of the whole installation now; where one is asked for or being made, that is the one.",
  who: [staff("back-up")],
  answer: Done,
});

export const findAnywhere = endpoint({
  name: "find-anywhere",
  method: "GET",
  path: "/api/go-to",
  about: "Yachts, charters, people, work and places that have some letters in their names.",
  who: [staff("see-desk")],
  query: Type.Object({ find: words(80) }, closed),
  answer: Type.Object({ found: Type.Array(GoTo) }, closed),
});
