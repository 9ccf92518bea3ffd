import { InputError } from "../basics/calculation";
import { deedsOf, senses, type Control } from "./control";
import type { Device } from "./device";
import { devices } from "./devices";
import { Drill } from "./drill";
import type { DrillInput, DrillResult } from "./schema";

/** Says what is wrong with a value for a schema; null where it fits. */
export type Check = (schema: object, value: unknown) => string | null;

type Action = DrillInput["actions"][number];
const usualStepS = 0.05;

/**
 * Plays a drill from its beginning.
 *
 * @throws InputError for an unknown device, control, action, value, setup field, fault or task
 */
export function runDrill(input: DrillInput, check: Check): DrillResult {
  const { faults = [], task = null, actions, until, stepS = usualStepS } = input;
  const device = deviceOf(input.device);
  const setup = setupFor(device, input.setup ?? {}, check);
  known("/faults", faults, device.faults);
  if (task !== null) known("/task", [task], device.tasks);
  const controls = new Map(device.controls(setup).map((control) => [control.name, control]));
  const outputs = new Set(device.outputs(setup).map(({ name }) => name));
  actions.forEach((action, at) => checkAction(action, `/actions/${at}`, controls, outputs));
  const drill = new Drill(device, setup, faults, task);
  // of equal times those listed first come first
  for (const action of actions.filter(({ at }) => at <= until).toSorted((a, b) => a.at - b.at)) {
    stepTo(drill, action.at, stepS);
    drill.act(action);
  }
  stepTo(drill, until, stepS);
  const { events, mistakes, isDone } = drill;
  return { events, mistakes, done: isDone, clean: isDone && mistakes.length === 0, state: drill.state() };
}

/** In whole steps from the beginning, so that an action between two of them moves none. */
function stepTo(drill: Drill, at: number, stepS: number): void {
  while (drill.at < at) {
    const next = Math.floor(drill.at / stepS + 1e-6) + 1;
    drill.goTo(Math.min(at, Math.round(next * stepS * 1e6) / 1e6));
  }
}

/** @throws InputError for a device that is not there */
export function deviceOf(name: string): Device {
  const device = devices.find((each) => each.name === name);
  if (!device)
    throw new InputError("/device", `no device is called "${name}": ${devices.map((each) => each.name).join(", ")}`);
  return device;
}

/**
 * A device's whole setup: what is given, and what is usual for the rest.
 *
 * @throws InputError for a field or value that it does not take
 */
export function setupFor(device: Device, given: object, check: Check): object {
  const wrong = check(device.setup.schema, given);
  if (wrong !== null) throw new InputError("/setup", wrong.replace(/\.$/, ""));
  const setup = { ...device.setup.usual, ...given };
  const fault = device.setupFault?.(setup);
  if (fault) throw new InputError(fault.where, fault.what);
  return setup;
}

function known(where: string, asked: readonly string[], there: readonly string[]): void {
  for (const each of asked)
    if (!there.includes(each)) throw new InputError(where, `"${each}" is none of ${there.join(", ")}`);
}

function checkAction(
  { do: deed, control: name, to }: Action,
  where: string,
  controls: ReadonlyMap<string, Control>,
  outputs: ReadonlySet<string>,
): void {
  if (deed === "leave") return;
  if (name === undefined) throw new InputError(`${where}/control`, "say which control");
  const control = controls.get(name);
  if (senses.includes(deed) && (control || outputs.has(name))) return;
  if (!control)
    throw new InputError(`${where}/control`, `no control is called "${name}": ${[...controls.keys()].join(", ")}`);
  if (!deedsOf(control).includes(deed))
    throw new InputError(`${where}/do`, `${name} takes ${deedsOf(control).join(", ")}, not ${deed}`);
  if (deed === "set") checkValue(control, to, `${where}/to`);
}

function checkValue(control: Control, to: Action["to"], where: string): void {
  if (control.kind === "choice" && (typeof to !== "string" || !control.values.includes(to)))
    throw new InputError(where, `${control.name} can be ${control.values.join(", ")}`);
  if (control.kind === "number" && (typeof to !== "number" || !(to >= control.min && to <= control.max)))
    throw new InputError(where, `${control.name} goes from ${control.min} to ${control.max}`);
}
