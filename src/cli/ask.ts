import { createInterface } from "node:readline/promises";
import { CommandError } from "./command-error";

/**
 * Asks whether somebody means it, unless they said `--yes` already.
 *
 * @throws CommandError where nobody is there to ask
 */
export async function isMeant(args: readonly string[], what: string): Promise<boolean> {
  if (args.includes("--yes")) return true;
  if (!process.stdin.isTTY) throw new CommandError(`${what} Nobody is there to ask: say --yes to mean it.`);
  const terminal = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await terminal.question(`${what} Type yes to go on: `);
  terminal.close();
  if (answer.trim() === "yes") return true;
  console.log("Nothing was changed.");
  return false;
}
