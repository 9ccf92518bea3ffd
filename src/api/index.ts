import * as aboard from "./aboard";
import * as base from "./base";
import * as book from "./book";
import * as drafts from "./drafts";
import type { AnyEndpoint } from "./endpoint";
import * as handovers from "./handovers";
import * as photos from "./photos";
import * as signIn from "./sign-in";
import * as stays from "./stays";
import * as system from "./system";
import * as upkeep from "./upkeep";
import * as yachts from "./yachts";

const groups = { signIn, book, aboard, handovers, photos, stays, yachts, drafts, upkeep, base, system };

const isEndpoint = (value: unknown): value is AnyEndpoint =>
  typeof value === "object" && value !== null && "path" in value && "who" in value && "answer" in value;

/** Every endpoint of the app, by the group it belongs to. */
export const endpoints: readonly { group: string; endpoint: AnyEndpoint }[] = Object.entries(groups).flatMap(
  ([group, members]) =>
    Object.values(members as Record<string, unknown>).flatMap((each) =>
      isEndpoint(each) ? [{ group, endpoint: each }] : [],
    ),
);
