"use client";
import { useState } from "react";
import { canonicalJson } from "@/core/basics/digest";
import { forks } from "@/core/handover/fold";
import { makeManifest, manifestDigest, sealOf, type MissingSigner } from "@/core/handover/seal";
import { photosIn } from "@/core/handover/state";
import type { Signed } from "@/ui/signature/SignatureField";
import { makeSignature } from "../../signing/make-signature";
import { useHandover } from "../../store/handover-context";

/** Who signs what on this device, until it is sealed. */
export interface Signing {
  signed: Record<"base" | "skipper", Signed | null>;
  put: (side: "base" | "skipper", signed: Signed | null) => void;
  /** grows whenever what was signed became void, and the fields begin anew */
  round: number;
  voided: boolean;
  /** somebody has tried to seal: what is missing is said from then on */
  tried: boolean;
  /** the skipper does not sign, why, and who stands in as witness */
  without: MissingSigner | null;
  setWithout: (without: MissingSigner | null) => void;
  witness: string;
  setWitness: (name: string) => void;
  /** the words of whoever does not sign, or the name of the witness, are missing */
  isUnexplained: boolean;
  /** seals what both have read; does nothing while anything is missing */
  seal: (words: string[]) => Promise<void>;
}

/** Keeps both signatures while they are made; what comes in after the first one makes it void, as it was not what that person read. */
export function useSigning(): Signing {
  const store = useHandover();
  const { list, me, charter, context } = store.bundle;
  const [signed, setSigned] = useState<Signing["signed"]>({ base: null, skipper: null });
  const [tried, setTried] = useState(false);
  const [round, setRound] = useState(0);
  const [voided, setVoided] = useState(false);
  const [without, setWithout] = useState<MissingSigner | null>(null);
  const [witness, setWitness] = useState("");
  // what the record says rests on its entries and on what the base has told: either may change under a pen
  const rests = `${store.allEntries().length} ${canonicalJson(context)}`;
  const [seen, setSeen] = useState(rests);
  if (rests !== seen) {
    setSeen(rests);
    if (signed.base || signed.skipper) {
      setSigned({ base: null, skipper: null });
      setRound((each) => each + 1);
      setVoided(true);
    }
  }
  const put: Signing["put"] = (side, value) => setSigned((both) => ({ ...both, [side]: value }));
  const isUnexplained = without !== null && (without.words.trim() === "" || witness.trim() === "");
  const seal = async (words: string[]) => {
    setTried(true);
    const at = new Date().toISOString();
    const base = makeSignature("base", me.person, signed.base, at);
    // a witness is nobody the base has on its books: the name stands in the signature
    const theirs = without
      ? makeSignature("witness", crypto.randomUUID(), signed.skipper, at)
      : makeSignature("skipper", charter.skipper.id, signed.skipper, at);
    if (isUnexplained || !base || !theirs || forks(store.folded()).length > 0) return;
    const manifest = makeManifest(
      list,
      store.allEntries(),
      photosIn([...store.folded().values()]),
      words,
      store.lastHeardAt,
      without && { ...without, words: without.words.trim() },
      context,
    );
    const signatures = [base.signature, theirs.signature];
    await store.sealHere({
      manifest,
      signatures,
      contents: { base: base.content, [without ? "witness" : "skipper"]: theirs.content },
      seal: sealOf(manifestDigest(manifest), signatures),
      device: store.device,
      sealedAt: at,
    });
  };
  return {
    signed,
    put,
    round,
    voided,
    tried,
    without,
    setWithout: (next) => {
      // another signs at that place: what stands there is not theirs
      if ((next === null) !== (without === null)) put("skipper", null);
      setWithout(next);
    },
    witness,
    setWitness,
    isUnexplained,
    seal,
  };
}
