import { Type, type Static } from "@sinclair/typebox";
import { oneOf } from "../../yacht/parts/basics";
import { amount, fields, positive } from "../quantity";

/** How long a rode is let out by: until it pulls level, by a ratio, or the longer of both. */
export const schools = ["catenary", "ratio", "larger"] as const;

/** Chain at the anchor, and the rope behind it. */
const Rode = fields({ chainM: amount(), chainKgPerM: amount(), ropeM: amount(), ropeKgPerM: amount() });
export type Rode = Static<typeof Rode>;

/** Where a yacht anchors, with what, and in which wind. */
export const AnchorInput = fields({
  waterM: positive(),
  /** the roller above the water */
  bowM: amount(),
  /** the tide that still comes, and that goes */
  riseM: amount(),
  fallM: amount(),
  lengthM: positive(),
  rode: Rode,
  windKn: amount(),
  gustKn: amount(),
  currentKn: amount(),
  dragAreaAirM2: amount(),
  dragAreaWaterM2: amount(),
  school: oneOf(schools),
  ratio: fields({ chain: amount(), rope: amount() }),
  /** how far others and the shore are; null where nobody knows */
  roomM: Type.Union([amount(), Type.Null()]),
});
export type AnchorInput = Static<typeof AnchorInput>;

/** The line from anchor to roller as it lies and hangs. */
export interface Lying {
  onGroundM: number;
  /** of the pull at the anchor, above the ground */
  upliftDeg: number;
  /** of the line at the roller */
  bowAngleDeg: number;
  /** along the ground, from anchor to roller */
  reachM: number;
}

export type AnchorReason = "not-enough" | "wind-uplift" | "gust-uplift" | "room";

/** How much to let out, and how she lies to it. */
export interface Anchoring {
  letOutM: number;
  chainM: number;
  ropeM: number;
  enough: boolean;
  pullN: number;
  gustPullN: number;
  wind: Lying;
  gust: Lying;
  swingRadiusM: { low: number; high: number };
  verdict: "fine" | "watch" | "stop";
  reasons: AnchorReason[];
}
