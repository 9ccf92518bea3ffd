"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { forks } from "@/core/handover/fold";
import type { SignedKind } from "@/core/handover/list";
import { Button } from "@/ui/Button";
import { SaveWords } from "../frame/Footer";
import { useHandover, useVersion } from "../store/handover-context";
import { BriefingSection } from "./sign/BriefingSection";
import { GateSection } from "./sign/GateSection";
import { KnownList } from "./sign/KnownList";
import { NotedSection } from "./sign/NotedSection";
import { Pads } from "./sign/Pads";
import { LanguageButton } from "../language/LanguageButton";
import styles from "./sign/Sign.module.css";
import { Sure } from "./sign/Sure";
import { useSigning } from "./sign/useSigning";
import { useWhatIsSigned } from "./sign/useWhatIsSigned";

/** Both read what differs from "all here, all fine", then sign on this device. */
export function SignScreen({ onBack, onGo }: { onBack: () => void; onGo: (place: string) => void }) {
  const t = useTranslations("sign");
  const store = useHandover();
  useVersion();
  const { list, me } = store.bundle;
  const { progress } = store.sums();
  const signing = useSigning();
  const { noted, gateWords, briefing, forCharterer, withoutOthers, words } = useWhatIsSigned(signing);
  const [withOpenLines, setWithOpenLines] = useState(false);
  const [meansWithoutOthers, setMeansWithoutOthers] = useState(false);
  const openForks = forks(store.folded()).length;
  // both sign on a device of the base; the skipper's own shows what will be signed
  const isSkippers = me.side === "skipper";
  const isHeld =
    openForks > 0 || (progress.left > 0 && !withOpenLines) || (withoutOthers !== null && !meansWithoutOthers);
  return (
    <div className={styles.page}>
      <main className={styles.main}>
        <header className={styles.head}>
          <div>
            <h1>{t(`title-${list.kind as SignedKind}`, { yacht: list.yacht.name })}</h1>
            <p>{t("read", { lines: progress.total, noted: noted.length })}</p>
          </div>
          <LanguageButton />
          <Button onClick={onBack}>{t("back")}</Button>
        </header>
        {store.isSentBack && <Stop words={t("sent-back")} />}
        {openForks > 0 && <Stop words={t("forks", { forks: openForks })} />}
        {list.kind === "check-in" && <GateSection words={gateWords} onGo={onGo} />}
        <NotedSection noted={noted} />
        <KnownList />
        <BriefingSection words={briefing} />
        <section>
          <h2>{t("both")}</h2>
          <p>{t(isSkippers ? "not-here" : "declaration")}</p>
          {forCharterer !== null && !isSkippers && <p>{forCharterer}</p>}
          {signing.voided && <Stop words={t("voided")} />}
          {progress.left > 0 && !isSkippers && (
            <Sure
              words={t("open-lines", { left: progress.left })}
              checked={withOpenLines}
              onChange={setWithOpenLines}
            />
          )}
          {withoutOthers !== null && !isSkippers && (
            <Sure words={withoutOthers} checked={meansWithoutOthers} onChange={setMeansWithoutOthers} />
          )}
          {!isSkippers && <Pads {...signing} />}
        </section>
      </main>
      <footer className={styles.foot}>
        <SaveWords />
        {!isSkippers && (
          <Button look="on-dark" large disabled={isHeld} onClick={() => void signing.seal(words)}>
            {t("seal")}
          </Button>
        )}
      </footer>
    </div>
  );
}

function Stop({ words }: { words: string }) {
  return (
    <p className={styles.stop} role="alert">
      {words}
    </p>
  );
}
