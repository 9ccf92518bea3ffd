import { strFromU8, strToU8, unzipSync } from "fflate";
import { findStay } from "../../server/db/charters";
import { inBaseTransaction } from "../../server/db/pool";
import { sealedZip } from "../../server/export/sealed-zip";
import { keysAnswer } from "../../server/keys/published";
import { fingerprint } from "../../server/keys/fingerprint";
import { problemsOf } from "../verify/problems";
import { exportedFrom } from "../verify/read";
import { tamperings } from "../verify/tamper";

/** Tries every change of every JSON file of a check-out's zip, one member at a time, and counts those that `verify` lets pass. */
export async function tamperingFigures(say: (what: string, figure: string) => void): Promise<void> {
  const { bases } = await keysAnswer();
  const { base, keys } = bases[0] ?? { base: "", keys: [] };
  const trusted = new Set(keys.map(({ publicKey }) => fingerprint(publicKey)));
  const { bytes } = await inBaseTransaction(base, async (db) => {
    const stay = await findStay(db, { reference: "BR-1050" });
    return sealedZip(db, stay?.handovers.find(({ kind }) => kind === "check-out")?.id ?? "");
  });
  const parts = unzipSync(bytes);
  for (const name of Object.keys(parts).filter((each) => each.endsWith(".json"))) {
    let [tried, passed] = [0, 0];
    for (const { text } of tamperings(strFromU8(parts[name] ?? new Uint8Array()))) {
      tried += 1;
      try {
        if (problemsOf(exportedFrom(name, { ...parts, [name]: strToU8(text) }), trusted).length === 0) passed += 1;
      } catch {
        // it is no record any more, which is said
      }
    }
    say(`tamperings of ${name} that pass`, `${passed} of ${tried}`);
  }
}
