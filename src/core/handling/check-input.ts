import { InputError } from "../basics/calculation";
import { requireOnce } from "../planners/quantity";
import { controlOf } from "./controls";
import type { HandlingInput } from "./schema";

/**
 * Refuses what a schema cannot say.
 *
 * @throws InputError for an id that stands twice, an unknown control, and a value outside its range
 */
export function checkInput(input: HandlingInput): void {
  const { boat, lines = [], actions } = input;
  const ids = boat.engines.flatMap(({ id }) => (id === undefined ? [] : [id]));
  requireOnce(ids, (at) => `/boat/engines/${at}/id`);
  requireOnce(
    (boat.thrusters ?? []).map(({ id }) => id),
    (at) => `/boat/thrusters/${at}/id`,
  );
  requireOnce(
    lines.map(({ id }) => id),
    (at) => `/lines/${at}/id`,
  );
  actions.forEach((action, at) => controlOf(input, action, `/actions/${at}`));
  (input.quay ?? []).forEach((points, at) => {
    if (points.every(([x, y]) => x === points[0]?.[0] && y === points[0][1]))
      throw new InputError(`/quay/${at}`, "has no length: give it two places");
  });
}
