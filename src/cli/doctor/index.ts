import { CommandError } from "../command-error";
import { backup } from "./backup";
import { clock } from "./clock";
import { disk } from "./disk";
import { keys } from "./keys";
import { broken, type Look, type Patient, type Said } from "./look";
import { migrations } from "./migrations";
import { photos } from "./photos";
import { port } from "./port";
import { versions } from "./versions";

/** Everything that is looked at, in the order in which one mends it. */
export const looks: readonly Look[] = [versions, disk, clock, port, migrations, keys, backup, photos];

/** Looks at everything; what cannot be looked at is told as broken, and the rest goes on. */
export async function examine(patient: Patient): Promise<(Said & { name: string })[]> {
  const said = [];
  for (const { name, look } of looks)
    said.push({
      name,
      ...(await Promise.resolve()
        .then(() => look(patient))
        .catch((error: Error) =>
          broken(error instanceof CommandError ? error.message : `could not be looked at: ${error.message}`),
        )),
    });
  return said;
}
