import { strFromU8, strToU8, unzipSync } from "fflate";
import { findStay } from "../../server/db/charters";
import { inBaseTransaction } from "../../server/db/pool";
import { sealedZip } from "../../server/export/sealed-zip";
import { keysAnswer } from "../../server/keys/published";
import { fingerprint } from "../../server/keys/fingerprint";
import { problemsOf } from "../verify/problems";
import { exportedFrom, recordAlone, type Exported } from "../verify/read";
import { countsAlone, fileTamperings, tamperings } from "../verify/tamper";

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
  const count = (what: string, each: Iterable<() => Exported>) => {
    let [tried, passed] = [0, 0];
    for (const read of each) {
      tried += 1;
      if (passes(read)) passed += 1;
    }
    say(`tamperings of ${what} that pass`, `${passed} of ${tried}`);
  };
  count("whole files of the zip", filesOf(parts));
  for (const name of Object.keys(parts).filter((each) => each.endsWith(".json")))
    count(`${name} in the zip`, membersOf(parts, name));
  count("record.json alone", aloneOf(strFromU8(parts["record.json"] ?? new Uint8Array())));
}

type Parts = Record<string, Uint8Array>;

function* filesOf(parts: Parts): Generator<() => Exported> {
  for (const { parts: tampered } of fileTamperings(parts)) yield () => exportedFrom("record.zip", tampered);
}

function* membersOf(parts: Parts, name: string): Generator<() => Exported> {
  for (const { text } of tamperings(strFromU8(parts[name] ?? new Uint8Array())))
    yield () => exportedFrom(name, { ...parts, [name]: strToU8(text) });
}

function* aloneOf(record: string): Generator<() => Exported> {
  for (const tampering of tamperings(record))
    if (countsAlone(tampering)) yield () => recordAlone("record.json", tampering.text);
}
