"use client";
import { signStatement } from "@/api/stays";
import { Box, Button } from "@chakra-ui/react";
import { useTranslations } from "next-intl";
import { statementWords } from "@/messages/statement-words";
import { useState, type ReactNode } from "react";
import type { MissingSigner } from "@/core/handover/seal";
import type { SettlementScreen } from "@/api/schemas/desk";
import { Segments } from "@/ui/kit/Segments";
import { Dialog } from "@/ui/kit/Dialog";
import { SignatureField, type Signed } from "@/ui/signature/SignatureField";
import { makeSignature } from "../signing/make-signature";
import { WithoutSkipper } from "../signing/WithoutSkipper";
import { useSignatureWords } from "../signing/useSignatureWords";
import { Fault } from "./shared/Fault";
import { useRequest } from "../api/useRequest";
import { SumsToSign } from "./statement/SumsToSign";

interface Props {
  screen: SettlementScreen;
  me: { person: string; name: string };
  onClose: () => void;
}

/** The reservations that say something, by line. */
const saidOf = (reservations: Record<string, string>) =>
  Object.entries(reservations)
    .map(([line, said]) => ({ line, words: said.trim() }))
    .filter(({ words }) => words !== "");

/** Both read the sums and sign them; the charterer may sign with reservation on single lines, in own words. */
export function SettlementSigning({ screen, me, onClose }: Props) {
  const t = useTranslations("settle");
  const [signed, setSigned] = useState<Record<"base" | "skipper", Signed | null>>({ base: null, skipper: null });
  const [reservations, setReservations] = useState<Record<string, string>>({});
  const [tried, setTried] = useState(false);
  const { fault, setFault, busy, request } = useRequest();
  const [without, setWithout] = useState<MissingSigner | null>(null);
  const [witness, setWitness] = useState("");
  const all = useTranslations();
  const { stay } = screen;
  const [who, setWho] = useState<"charterer" | "skipper">("charterer");
  const signedBy = (side: "base" | "skipper", value: Signed | null) =>
    setSigned((both) => ({ ...both, [side]: value }));
  const signer = { person: stay[`${who}Id`], name: stay[who] };
  const sign = async () => {
    setTried(true);
    const at = new Date().toISOString();
    const base = makeSignature("base", me.person, signed.base, at);
    // a witness is nobody the base has on its books: the name stands in the signature
    const [part, person] = without
      ? (["witness", crypto.randomUUID()] as const)
      : (["skipper", signer.person] as const);
    const second = makeSignature(part, person, signed.skipper, at);
    if (without && (without.words.trim() === "" || witness.trim() === "")) return setFault(all("without.missing"));
    if (!base || !second) return;
    const said = without && { ...without, words: without.words.trim() };
    const words = statementWords(all, { screen, without: said, witness: second.content.name.trim(), who });
    const sealed = await request(signStatement, {
      params: { id: stay.stayId },
      body: {
        digest: screen.digest,
        words,
        signatures: [base.signature, second.signature],
        contents: { base: base.content, [part]: second.content },
        without: said,
        reservations: without ? [] : saidOf(reservations),
      },
    });
    if (sealed) onClose();
  };
  return (
    <SignSheet busy={busy} onSign={() => void sign()} onClose={onClose}>
      <Box display="grid" gap="4">
        <SumsToSign
          screen={screen}
          reservations={without ? null : reservations}
          onReserve={(line, said) => setReservations((before) => ({ ...before, [line]: said }))}
        />
        <WithoutSkipper
          without={without}
          witness={witness}
          onChange={(next) => {
            if ((next === null) !== (without === null)) signedBy("skipper", null);
            setWithout(next);
          }}
          onWitness={setWitness}
        />
        {screen.stay.terms.deposit.how === "card-hold" && <p>{t("simulated")}</p>}
        {!without && (
          <WhoSigns
            stay={stay}
            who={who}
            onChoose={(next) => {
              setWho(next);
              signedBy("skipper", null);
            }}
          />
        )}
        <BothSign
          base={me.name}
          witness={without && witness}
          money={{ who, name: signer.name }}
          missing={{ base: tried && !signed.base, skipper: tried && !signed.skipper }}
          onSigned={signedBy}
        />
        <Fault words={fault} />
      </Box>
    </SignSheet>
  );
}

function SignSheet({
  busy,
  onSign,
  onClose,
  children,
}: {
  busy: boolean;
  onSign: () => void;
  onClose: () => void;
  children: ReactNode;
}) {
  const t = useTranslations("settle");
  return (
    <Dialog
      title={t("sign-title")}
      closeWord={t("close")}
      onClose={onClose}
      foot={
        <Button variant="solid" size="lg" onClick={onSign} disabled={busy}>
          {busy ? t("busy") : t("seal")}
        </Button>
      }
    >
      {children}
    </Dialog>
  );
}

/** Who signs for the money: the charterer, or the skipper by written authority. */
function WhoSigns({
  stay,
  who,
  onChoose,
}: {
  stay: SettlementScreen["stay"];
  who: "charterer" | "skipper";
  onChoose: (who: "charterer" | "skipper") => void;
}) {
  const t = useTranslations("settle");
  const { charterer, skipper, authority } = stay;
  return (
    <>
      {authority !== null && (
        <Segments
          label={t("who-signs")}
          options={(["charterer", "skipper"] as const).map((each) => ({
            value: each,
            word: `${t(`for-${each}`)}: ${stay[each]}`,
          }))}
          value={who}
          onChoose={onChoose}
        />
      )}
      {who === "skipper" && <p>{t("by-authority", { skipper, charterer, authority: authority ?? "" })}</p>}
    </>
  );
}

/** The two places to sign in: the base's, and that of who signs for the money or of the witness that nobody did. */
function BothSign({
  base,
  witness,
  money,
  missing,
  onSigned,
}: {
  base: string;
  witness: string | null;
  money: { who: "charterer" | "skipper"; name: string };
  missing: Record<"base" | "skipper", boolean>;
  onSigned: (side: "base" | "skipper", signed: Signed | null) => void;
}) {
  const t = useTranslations();
  const words = useSignatureWords();
  return (
    <Box display="grid" gridTemplateColumns={{ base: "1fr", sm: "1fr 1fr" }} gap="5">
      <SignatureField
        title={t("settle.for-base")}
        name={base}
        words={words}
        error={missing.base ? t("settle.blank") : null}
        onChange={(value) => onSigned("base", value)}
      />
      <SignatureField
        key={witness === null ? money.who : "witness"}
        title={witness === null ? t(`settle.for-${money.who}`) : t("without.for-witness")}
        name={witness ?? money.name}
        words={words}
        error={missing.skipper ? t("settle.blank") : null}
        onChange={(value) => onSigned("skipper", value)}
      />
    </Box>
  );
}
