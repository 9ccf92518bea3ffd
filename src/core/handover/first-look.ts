import { Type, type Static } from "@sinclair/typebox";

/** A line to look at first when she comes back, and why. */
export const FirstLook = Type.Object(
  {
    line: Type.String(),
    why: Type.Unsafe<WhyFirst>({ type: "string", enum: ["reported", "happened", "often", "mark", "valuable"] }),
  },
  { additionalProperties: false },
);
export type FirstLook = Static<typeof FirstLook>;
export type WhyFirst = "reported" | "happened" | "often" | "mark" | "valuable";
