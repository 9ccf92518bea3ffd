import { Type } from "@sinclair/typebox";
import { Key, oneOf } from "../core/yacht/parts/basics";
import { anyone } from "./callers";
import { endpoint, media } from "./endpoint";
import { KeysAnswer } from "./schemas/keys";
import { closed } from "./schemas/closed";

export const readHealth = endpoint({
  name: "read-health",
  method: "GET",
  path: "/api/health",
  about:
    "Whether the app and its database answer, whether the disk has room, whether there is a backup of late, and whether the queue of messages moves. For whoever watches the machine.",
  who: [anyone],
  answer: Type.Object(
    {
      status: Type.Literal("ok"),
      database: Type.Literal("ok"),
      disk: oneOf(["ok", "low"]),
      /** none where nothing was ever backed up, which is no fault of a demo */
      backup: oneOf(["ok", "old", "none"]),
      /** stuck where a message has waited for its first attempt for an hour */
      messages: oneOf(["ok", "stuck"]),
    },
    closed,
  ),
});

export const readKeys = endpoint({
  name: "read-keys",
  method: "GET",
  path: "/api/keys.json",
  about: "The keys that records are signed with, for whoever checks one: `verify --key` reads this.",
  who: [anyone],
  answer: KeysAnswer,
});

export const readYachtFileSchema = endpoint({
  name: "read-yacht-file-schema",
  method: "GET",
  path: "/api/schemas/yacht-file.json",
  about: "The published JSON Schema (2020-12) of the yacht file.",
  who: [anyone],
  answer: media("application/schema+json"),
});

export const readOpenApi = endpoint({
  name: "read-open-api",
  method: "GET",
  path: "/api/openapi.json",
  about: "This description.",
  who: [anyone],
  answer: media("application/json"),
});

export const readSimulatedVessel = endpoint({
  name: "read-simulated-vessel",
  method: "GET",
  path: "/api/simulated/boat-data/{yacht}/signalk/v1/api/vessels/self",
  about: "The simulated boat-data gateway of a demo yacht, as any Signal K server answers.",
  who: [anyone],
  params: Type.Object({ yacht: Key }, closed),
  answer: media("application/json"),
  errors: ["no-simulated-gateway"],
});
