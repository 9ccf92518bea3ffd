import "server-only";
import { AppError } from "@/api/app-error";
import type { ClosingView } from "@/api/schemas/charters";
import { stampIn } from "@/messages/stamp";
import type { Promised } from "../db/charter-entries";

/** What is said where a yacht is promised to somebody else. */
export const promisedError = (yacht: string, other: Promised, timeZone: string): AppError =>
  new AppError(
    "yacht-promised",
    {
      yacht,
      reference: other.reference,
      from: stampIn(other.startsAt, timeZone),
      until: stampIn(other.freeFrom, timeZone),
    },
    "yacht",
  );

/** What is said where a yacht is nobody's to promise. */
export const closedError = (yacht: string, closing: ClosingView, timeZone: string): AppError =>
  new AppError(
    "yacht-closed",
    {
      yacht,
      kind: closing.kind.replaceAll("-", ""),
      from: stampIn(closing.startsAt, timeZone),
      until: stampIn(closing.endsAt, timeZone),
    },
    "yacht",
  );
