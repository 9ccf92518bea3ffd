import { Type } from "@sinclair/typebox";
import { languages, type Language } from "@/core/basics/languages";
import { closed } from "./closed";

/** In which language something is said; English where nothing is asked for. */
export const Spoken = Type.Object(
  { language: Type.Optional(Type.Unsafe<Language>({ type: "string", enum: [...languages] })) },
  closed,
);
