import { Type, type Static } from "@sinclair/typebox";

const open = { additionalProperties: true } as const;

/** A place at the quay: where, which way the water lies, and how a boat lies there. */
export const AreaBerth = Type.Object(
  {
    /** as it is called at the base: `A4` */
    name: Type.String({ minLength: 1, maxLength: 20, pattern: "\\S" }),
    /** the middle of its piece of the quay: longitude and latitude */
    position: Type.Array(Type.Number(), { minItems: 2, maxItems: 3 }),
    /** from the quay to the water, degrees clockwise from north */
    outDeg: Type.Number({ minimum: 0, exclusiveMaximum: 360 }),
    /** along the quay, m */
    widthM: Type.Number({ exclusiveMinimum: 0, maximum: 200 }),
    lies: Type.Unsafe<"alongside" | "stern-to" | "bow-to">({
      type: "string",
      enum: ["alongside", "stern-to", "bow-to"],
    }),
    /** alongside: which side she has to the quay */
    side: Type.Optional(Type.Unsafe<"port" | "starboard">({ type: "string", enum: ["port", "starboard"] })),
    /** two posts at its corners, m from the quay */
    postsM: Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 100 })),
    lazyLines: Type.Optional(Type.Boolean()),
    /** at the lowest tide to be reckoned with */
    depthM: Type.Optional(Type.Number({ minimum: 0, maximum: 50 })),
  },
  open,
);
export type AreaBerth = Static<typeof AreaBerth>;

/** A berth by what it is called; capitals and blanks do not count. */
export const berthCalled = (berths: readonly AreaBerth[], name: string): AreaBerth | null =>
  berths.find((each) => each.name.trim().toLowerCase() === name.trim().toLowerCase()) ?? null;

/** Metres in a degree of latitude; radians in a degree. */
const mPerDeg = 1852 * 60;
const radPerDeg = Math.PI / 180;

/** Where another berth is from one, m: along the quay to the right of who looks out, and out from it. */
export function fromBerth(one: AreaBerth, other: AreaBerth): { alongM: number; outM: number } {
  const [lon = 0, lat = 0] = one.position;
  const [otherLon = 0, otherLat = 0] = other.position;
  const east = (otherLon - lon) * mPerDeg * Math.cos(lat * radPerDeg);
  const north = (otherLat - lat) * mPerDeg;
  const [sin, cos] = [Math.sin(one.outDeg * radPerDeg), Math.cos(one.outDeg * radPerDeg)];
  return { alongM: east * cos - north * sin, outM: east * sin + north * cos };
}
