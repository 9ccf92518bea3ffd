import { strFromU8, strToU8, unzipSync } from "fflate";
import { findStay } from "../../server/db/charters";
import { inBaseTransaction } from "../../server/db/pool";
import { sealedZip } from "../../server/export/sealed-zip";
import { keysAnswer } from "../../server/keys/published";
import { fingerprint } from "../../server/keys/fingerprint";
import { problemsOf } from "../verify/problems";
import { exportedFrom, recordAlone, type Exported } from "../verify/read";
import { countsAlone, fileTamperings, tamperings, type Tampering } from "../verify/tamper";

/**
 * Tries every change of a check-out's zip: one member at a time of each JSON file, each file as a whole, and each member
 * of the record as JSON alone; counts those that `verify` lets pass.
 */
export async function tamperingFigures(say: (what: string, figure: string) => void): Promise<void> {
  const { bases } = await keysAnswer();
  const { base, keys } = bases[0] ?? { base: "", keys: [] };
  const trusted = new Set(keys.map(({ publicKey }) => fingerprint(publicKey)));
  const { bytes } = await inBaseTransaction(base, async (db) => {
    const stay = await findStay(db, { reference: "BR-1050" });
    return sealedZip(db, stay?.handovers.find(({ kind }) => kind === "check-out")?.id ?? "");
  });
  const parts = unzipSync(bytes);
  const passes = (read: () => Exported) => {
    try {
      return problemsOf(read(), trusted).length === 0;
    } catch {
      // it is no record any more, which is said
      return false;
    }
  };
  const count = (what: string, each: Iterable<[string, () => Exported]>) => {
    const passed: string[] = [];
    let tried = 0;
    for (const [how, read] of each) {
      tried += 1;
      if (passes(read)) passed.push(how);
    }
    say(`tamperings of ${what} that pass`, [`${passed.length} of ${tried}`, ...passed].join(", "));
  };
  count("whole files of the zip", filesOf(parts));
  for (const name of Object.keys(parts).filter((each) => each.endsWith(".json")))
    count(`${name} in the zip`, membersOf(parts, name));
  count("record.json alone", aloneOf(strFromU8(parts["record.json"] ?? new Uint8Array())));
}

type Parts = Record<string, Uint8Array>;

type Cell = [how: string, read: () => Exported];
const named = ({ path, how }: Pick<Tampering, "path" | "how">) => `${path} ${how}`;

function* filesOf(parts: Parts): Generator<Cell> {
  for (const each of fileTamperings(parts)) yield [named(each), () => exportedFrom("record.zip", each.parts)];
}

function* membersOf(parts: Parts, name: string): Generator<Cell> {
  for (const each of tamperings(strFromU8(parts[name] ?? new Uint8Array())))
    yield [named(each), () => exportedFrom(name, { ...parts, [name]: strToU8(each.text) })];
}

function* aloneOf(record: string): Generator<Cell> {
  for (const each of tamperings(record))
    if (countsAlone(each)) yield [named(each), () => recordAlone("record.json", each.text)];
}
