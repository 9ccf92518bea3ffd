import { InputError } from "../basics/calculation";
import type { HandlingAction, HandlingInput } from "./schema";

/** What one works aboard, with the range of what it is set to; lines are slipped and made fast instead. */
export type HandlingControl =
  | { kind: "lever"; engines: readonly number[] }
  | { kind: "wheel" }
  | { kind: "thruster"; thruster: number }
  | { kind: "line"; line: number };

const ranges: Readonly<Record<"lever" | "wheel" | "thruster", number>> = { lever: 1, wheel: 40, thruster: 1 };

/**
 * What an action works.
 *
 * @throws InputError for an unknown control, engine, thruster or line, and for a value it does not take
 */
export function controlOf(
  { boat, lines = [] }: Pick<HandlingInput, "boat" | "lines">,
  action: HandlingAction,
  where: string,
): HandlingControl {
  const control = namedBy(boat, lines, action.control, `${where}/control`);
  if (control.kind === "line") {
    if (action.do === undefined) throw new InputError(`${where}/do`, "say slip or make-fast");
    return control;
  }
  const most = ranges[control.kind];
  if (action.to === undefined || Math.abs(action.to) > most)
    throw new InputError(`${where}/to`, `${action.control} goes from ${-most} to ${most}`);
  return control;
}

function namedBy(
  { engines, thrusters = [] }: HandlingInput["boat"],
  lines: readonly { id: string }[],
  control: string,
  where: string,
): HandlingControl {
  const colon = control.indexOf(":");
  const kind = colon < 0 ? control : control.slice(0, colon);
  const id = colon < 0 ? null : control.slice(colon + 1);
  const find = (list: readonly { id?: string }[], what: string): number => {
    const at = list.findIndex((each) => each.id === id);
    if (at < 0) throw new InputError(where, `she has no ${what} "${id ?? ""}"`);
    return at;
  };
  if (kind === "lever" && id === null) return { kind, engines: engines.map((_, at) => at) };
  if (kind === "lever") return { kind, engines: [find(engines, "engine")] };
  if (kind === "wheel" && id === null) return { kind };
  if (kind === "thruster" && id !== null) return { kind, thruster: find(thrusters, "thruster") };
  if (kind === "line" && id !== null) return { kind, line: find(lines, "line") };
  throw new InputError(where, `"${control}" is no control: there are lever, lever:ID, wheel, thruster:ID and line:ID`);
}
