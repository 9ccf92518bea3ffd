import { CommandError } from "../command-error";
import { prepareDatabase } from "../prepare";
import { makeSetUpCode } from "../set-up-code";

const usage = `Say what: ./brinecove base add.
  add   prints a code with which a further base is set up on this machine`;

/** `base add`: a further base beside those that are there; each sees nothing of the others. */
export async function run([what = ""]: string[]): Promise<number> {
  if (what !== "add") throw new CommandError(usage);
  const { database, ownerUrl } = await prepareDatabase("main");
  try {
    const code = await makeSetUpCode(ownerUrl);
    const address = process.env.ORIGIN ?? `http://127.0.0.1:${process.env.BRINECOVE_PORT ?? 4310}`;
    console.log(
      `Set the base up at ${address}/set-up\nwith the code ${code} (ten tries; asking again makes a new one).`,
    );
    return 0;
  } finally {
    database.stop();
  }
}
