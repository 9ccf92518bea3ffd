/** What can be done to a device; `leave` is of no control: the person walks away. */
export const deeds = ["press", "release", "set", "look", "listen", "feel", "leave"] as const;
export type Deed = (typeof deeds)[number];
/** Looking changes nothing, and anything can be looked at. */
export const senses: readonly Deed[] = ["look", "listen", "feel"];

export type Value = string | number;

/** Something one works or looks at. */
export type Control =
  | { name: string; kind: "button" }
  | { name: string; kind: "choice"; values: readonly string[] }
  | { name: string; kind: "number"; min: number; max: number; first: number; everySetCounts?: boolean }
  | { name: string; kind: "sense"; do: "look" | "listen" };

export const button = (name: string): Control => ({ name, kind: "button" });
/** A control of several positions; the first is the one at the start. */
export const choice = (name: string, ...values: readonly string[]): Control => ({ name, kind: "choice", values });
export const number = (name: string, min: number, max: number, first = 0): Control => ({
  ...{ name, kind: "number", min, max, first },
});
export const look = (name: string): Control => ({ name, kind: "sense", do: "look" });
export const listen = (name: string): Control => ({ name, kind: "sense", do: "listen" });

/** What is done to a control besides looking at it. */
export function deedsOf(control: Control): readonly Deed[] {
  switch (control.kind) {
    case "button":
      return ["press", "release"];
    case "choice":
    case "number":
      return ["set"];
    case "sense":
      return [control.do];
  }
}
