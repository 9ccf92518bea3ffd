import { useTranslations } from "next-intl";
import { localizeFigures } from "@/core/yacht/figures";
import type { YachtFile } from "@/core/yacht/schema";
import styles from "./Emergency.module.css";

/** One emergency card: its caution in alarm colours, then what to do, in order. */
export function EmergencyCard({
  file,
  card,
  isOpen = false,
}: {
  file: YachtFile;
  card: YachtFile["emergencyCards"][string];
  isOpen?: boolean;
}) {
  return (
    <details className={styles.card} open={isOpen}>
      <summary>{localizeFigures(file, card.title)}</summary>
      <p className={styles.caution}>{localizeFigures(file, card.caution)}</p>
      <ol>
        {card.steps.map((step, index) => (
          <li key={index}>{localizeFigures(file, step)}</li>
        ))}
      </ol>
      {file.particulars.radio && calls.test(card.title.en ?? "") && (
        <OnTheRadio file={file} radio={file.particulars.radio} />
      )}
    </details>
  );
}

/** The card that is read out while calling. */
const calls = /distress|mayday/i;

/** Who she is on the radio, to be read out: name, call sign, number, and whether the button says it by itself. */
function OnTheRadio({ file, radio }: { file: YachtFile; radio: NonNullable<YachtFile["particulars"]["radio"]> }) {
  const t = useTranslations("figures");
  return (
    <dl className={styles.radio}>
      <div>
        <dt>{t("call-sign")}</dt>
        <dd>
          {file.particulars.name}, {radio.callSign}
        </dd>
      </div>
      {radio.mmsi && (
        <div>
          <dt>{t("mmsi")}</dt>
          <dd>{radio.mmsi.replace(/(\d{3})(?=\d)/g, "$1 ")}</dd>
        </div>
      )}
      <div>
        <dt>{t("dsc")}</dt>
        <dd>{t("in-dsc", { value: radio.dsc.replace("-", "") })}</dd>
      </div>
    </dl>
  );
}
