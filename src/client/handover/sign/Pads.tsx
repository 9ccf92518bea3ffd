"use client";
import { useTranslations } from "next-intl";
import { SignatureField } from "@/ui/signature/SignatureField";
import { WithoutSkipper } from "../../signing/WithoutSkipper";
import { useSignatureWords } from "../../signing/useSignatureWords";
import { useHandover } from "../../store/handover-context";
import styles from "./Sign.module.css";
import type { Signing } from "./useSigning";

/** Where both sign on this device; at a check-out a witness may stand in for a skipper who does not. */
export function Pads({ signed, put, round, tried, without, setWithout, witness, setWitness, isUnexplained }: Signing) {
  const t = useTranslations();
  const words = useSignatureWords();
  const { list, me, charter } = useHandover().bundle;
  return (
    <>
      {list.kind === "check-out" && (
        <WithoutSkipper without={without} witness={witness} onChange={setWithout} onWitness={setWitness} />
      )}
      {tried && isUnexplained && (
        <p className={styles.stop} role="alert">
          {t("without.missing")}
        </p>
      )}
      <div className={styles.pads} key={`${round} ${without === null}`}>
        <SignatureField
          title={t("sign.for-base")}
          name={me.name}
          words={words}
          error={tried && !signed.base ? t("sign.blank") : null}
          onChange={(value) => put("base", value)}
        />
        <SignatureField
          title={t(without ? "without.for-witness" : "sign.for-skipper")}
          name={without ? witness : charter.skipper.name}
          words={words}
          error={tried && !signed.skipper ? t("sign.blank") : null}
          onChange={(value) => put("skipper", value)}
        />
      </div>
    </>
  );
}
