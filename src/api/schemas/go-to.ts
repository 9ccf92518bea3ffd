import { Type, type Static } from "@sinclair/typebox";
import { oneOf } from "../../core/yacht/parts/basics";
import { closed } from "./closed";

export const goToKinds = ["yacht", "charter", "work", "place"] as const;

/** Somewhere at the desk that one can go to. */
export const GoTo = Type.Object(
  { kind: oneOf(goToKinds), title: Type.String(), detail: Type.String(), href: Type.String() },
  closed,
);
export type GoTo = Static<typeof GoTo>;
