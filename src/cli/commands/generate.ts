import { writeValidators } from "../validators";

/** `generate`: writes the validators that the browser uses; start, dev and test do it by themselves. */
export async function run(): Promise<number> {
  writeValidators();
  return 0;
}
