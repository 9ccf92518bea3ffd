import * as aboard from "./aboard";
import * as area from "./area";
import * as base from "./base";
import * as book from "./book";
import * as charters from "./charters";
import * as drafts from "./drafts";
import type { AnyEndpoint } from "./endpoint";
import * as drills from "./drills";
import * as feeds from "./feeds";
import * as handovers from "./handovers";
import * as imports from "./imports";
import * as lists from "./lists";
import * as logs from "./log";
import * as manuals from "./manuals";
import * as messages from "./messages";
import * as outside from "./outside";
import * as people from "./people";
import * as photos from "./photos";
import * as privates from "./private";
import * as programs from "./programs";
import * as secondFactor from "./second-factor";
import * as setUp from "./set-up";
import * as signIn from "./sign-in";
import * as stays from "./stays";
import * as system from "./system";
import * as upkeep from "./upkeep";
import * as yachts from "./yachts";

const groups = {
  setUp,
  signIn,
  book,
  aboard,
  drills,
  handovers,
  people,
  secondFactor,
  photos,
  manuals,
  stays,
  charters,
  imports,
  feeds,
  programs,
  outside,
  yachts,
  drafts,
  upkeep,
  base,
  area,
  lists,
  messages,
  privates,
  logs,
  system,
};

const isEndpoint = (value: unknown): value is AnyEndpoint =>
  typeof value === "object" && value !== null && "path" in value && "who" in value && "answer" in value;

/** Every endpoint of the app, by the group it belongs to. */
export const endpoints: readonly { group: string; endpoint: AnyEndpoint }[] = Object.entries(groups).flatMap(
  ([group, members]) =>
    Object.values(members as Record<string, unknown>).flatMap((each) =>
      isEndpoint(each) ? [{ group, endpoint: each }] : [],
    ),
);
