import { resolve } from "node:path";
import { runProgram } from "../database";

export interface Count {
  passed: number;
  failed: number;
  /** what failed first, for the end of a long output */
  first?: string[];
}

/** A development tool of the project. */
export const tool = (name: string): string => resolve("node_modules/.bin", name);

/** Runs a program as one check: it passes when the program ends well. */
export async function check(program: string, args: readonly string[]): Promise<Count> {
  return (await runProgram(program, args)) === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}
