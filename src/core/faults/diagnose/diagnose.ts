import { costOf } from "./cost";
import { exactOrder } from "./exact";
import { problemOf } from "./problem";
import type { DiagnoseInput, Diagnosis } from "./schema";
import { searchedOrder } from "./search";

/** Up to so many checks the order is proven to be the best. */
const provenChecks = 14;

/**
 * Which check first: the order of least expected time, walking counted, that keeps what waits for what, with all that is
 * for safety first.
 *
 * @throws InputError for what cannot be, see `problemOf`
 */
export function diagnose(input: DiagnoseInput): Diagnosis {
  const problem = problemOf(input);
  const optimal = problem.size <= provenChecks;
  const order = optimal ? exactOrder(problem) : searchedOrder(problem);
  return {
    order: order.map((check) => input.checks[check]!.id),
    expectedSeconds: costOf(problem, order),
    optimal,
  };
}
