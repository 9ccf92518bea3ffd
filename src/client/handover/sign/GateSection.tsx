"use client";
import { useTranslations } from "next-intl";
import { reasonWords } from "@/messages/reason-words";
import { Button } from "@/ui/Button";
import { VerdictMark } from "@/ui/VerdictMark";
import { useHandover, useVersion } from "../../store/handover-context";
import styles from "./Sign.module.css";

/** Whether she may leave by the base's record, and what stands in the way, each with the way to it. */
export function GateSection({ words, onGo }: { words: string; onGo: (place: string) => void }) {
  const t = useTranslations();
  const store = useHandover();
  useVersion();
  const { list } = store.bundle;
  const { gate } = store.sums();
  const verdict = gate.state === "cleared" ? "fine" : gate.state === "not-cleared" ? "stop" : "watch";
  return (
    <section className={`${styles.gate} ${verdict === "stop" ? styles.stop : ""}`}>
      <h2>
        <VerdictMark verdict={verdict} size={22} /> {words}
      </h2>
      <ul>
        {gate.reasons
          .filter((reason) => reason.blocks)
          .map((reason) => {
            const line = list.lines.find((each) => each.id === reason.line);
            return (
              <li key={`${reason.code} ${reason.line}`}>
                <span>{reasonWords(t, list, reason)}</span>
                {line && <Button onClick={() => onGo(line.place)}>{t("sign.go")}</Button>}
              </li>
            );
          })}
      </ul>
      <p>{t("gate.decision")}</p>
    </section>
  );
}
