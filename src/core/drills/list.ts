import { deedsOf } from "./control";
import { devices } from "./devices";

/** Every device as it can be set up and worked, with the codes of its mistakes. */
export const listDevices = () =>
  devices.map(({ name, setup, controls, outputs, faults, tasks, mistakes }) => ({
    name,
    setup: setup.schema,
    controls: controls(setup.usual).map((control) => ({
      name: control.name,
      do: deedsOf(control),
      ...(control.kind === "choice" ? { values: control.values } : {}),
      ...(control.kind === "number" ? { min: control.min, max: control.max } : {}),
    })),
    outputs: outputs(setup.usual),
    ...{ faults, tasks, mistakes },
  }));
