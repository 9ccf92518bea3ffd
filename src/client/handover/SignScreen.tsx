"use client";
import { useFormatter, useTranslations } from "next-intl";
import { useMemo, useState } from "react";
import { walkState } from "@/core/handover/walk/walk-state";
import { forks } from "@/core/handover/fold";
import type { SignedKind } from "@/core/handover/list";
import { photosIn } from "@/core/handover/state";
import { makeManifest, manifestDigest, sealOf, type MissingSigner } from "@/core/handover/seal";
import { briefingWords } from "@/messages/briefing-words";
import { findings } from "@/messages/findings";
import { reasonWords } from "@/messages/reason-words";
import { Button } from "@/ui/Button";
import { SignatureField, type Signed } from "@/ui/signature/SignatureField";
import { VerdictMark } from "@/ui/VerdictMark";
import { makeSignature } from "../signing/make-signature";
import { WithoutSkipper } from "../signing/WithoutSkipper";
import { useSignatureWords } from "../signing/useSignatureWords";
import { useHandover, useSaveState, useVersion } from "../store/handover-context";
import { SaveWords } from "../frame/Footer";
import { KnownList } from "./KnownList";
import styles from "./SignScreen.module.css";

/** Both read what differs from "all here, all fine", then sign on this device. */
export function SignScreen({ onBack, onGo }: { onBack: () => void; onGo: (place: string) => void }) {
  const t = useTranslations();
  const format = useFormatter();
  const store = useHandover();
  const version = useVersion();
  const { bundle } = store;
  const { list } = bundle;
  const { gate, progress } = store.sums();
  const noted = useMemo(() => {
    void version;
    return findings(t, list, store.folded());
  }, [t, list, store, version]);
  const [signed, setSigned] = useState<Record<"base" | "skipper", Signed | null>>({ base: null, skipper: null });
  const [tried, setTried] = useState(false);
  const [withOpenLines, setWithOpenLines] = useState(false);
  const [round, setRound] = useState(0);
  const [voided, setVoided] = useState(false);
  const [withoutOthers, setWithoutOthers] = useState(false);
  const signatureWords = useSignatureWords();
  const [without, setWithout] = useState<MissingSigner | null>(null);
  const [witness, setWitness] = useState("");
  const entries = store.allEntries().length;
  const [seen, setSeen] = useState(entries);
  // what comes in after the first signature makes it void: it was not what that person read
  if (entries !== seen) {
    setSeen(entries);
    if (signed.base || signed.skipper) {
      setSigned({ base: null, skipper: null });
      setRound((each) => each + 1);
      setVoided(true);
    }
  }

  // both sign on a device of the base; the skipper's own shows what will be signed
  const isSkippers = bundle.me.side === "skipper";
  // what another device holds and has not sent is not in what is signed here: that is said, and meant
  const { online } = useSaveState();
  const others = new Set(store.allEntries().flatMap((entry) => (entry.device === store.device ? [] : [entry.device])))
    .size;
  const heard =
    store.lastHeardAt === null
      ? ""
      : format.dateTime(new Date(store.lastHeardAt), {
          weekday: "short",
          hour: "2-digit",
          minute: "2-digit",
          hourCycle: "h23",
          timeZone: bundle.base.timeZone,
        });
  const isAlone = others > 0 && !online;
  const openForks = forks(store.folded());
  const gateWords = t(list.kind === "check-in" ? `gate.state-${gate.state}` : "sign.state-out");
  const reasons = gate.reasons.filter((reason) => reason.blocks).map((reason) => reasonWords(t, list, reason));
  const briefing = useMemo(() => {
    void version;
    return list.briefing ? briefingWords(t, list.briefing, walkState(list.briefing, store.folded())) : [];
  }, [t, list, store, version]);
  const { skipper, charterer } = bundle.charter;
  const forCharterer =
    skipper.id === charterer.id ? null : t("sign.for-charterer", { skipper: skipper.name, charterer: charterer.name });
  const known = (list.known ?? []).map(({ title, words: said }) => t("known.word", { title, words: said }));
  const words = [
    ...known,
    ...noted.map((finding) => `${finding.place}: ${finding.name}: ${finding.words}`),
    ...(list.kind === "check-in" ? [gateWords, ...reasons] : []),
    ...(progress.left > 0 ? [t("sign.open-lines", { left: progress.left })] : []),
    ...briefing,
    ...(forCharterer === null ? [] : [forCharterer]),
    ...(isAlone ? [t("sign.without-others", { others, heard })] : []),
    without
      ? t("without.declaration", { why: t(`without.they-${without.reason}`), words: without.words, witness })
      : t("sign.declaration"),
  ];

  const seal = async () => {
    setTried(true);
    const at = new Date().toISOString();
    const base = makeSignature("base", bundle.me.person, signed.base, at);
    // a witness is nobody the base has on its books: the name stands in the signature
    const theirs = without
      ? makeSignature("witness", crypto.randomUUID(), signed.skipper, at)
      : makeSignature("skipper", skipper.id, signed.skipper, at);
    if (without && (without.words.trim() === "" || witness.trim() === "")) return;
    if (!base || !theirs || openForks.length > 0) return;
    const photos = photosIn([...store.folded().values()]);
    const manifest = makeManifest(
      list,
      store.allEntries(),
      photos,
      words,
      store.lastHeardAt,
      without && { ...without, words: without.words.trim() },
    );
    const signatures = [base.signature, theirs.signature];
    const request = {
      manifest,
      signatures,
      contents: { base: base.content, [without ? "witness" : "skipper"]: theirs.content },
      seal: sealOf(manifestDigest(manifest), signatures),
      device: store.device,
      sealedAt: at,
    };
    await store.sealHere(request);
  };

  return (
    <div className={styles.page}>
      <main className={styles.main}>
        <header className={styles.head}>
          <div>
            <h1>{t(`sign.title-${list.kind as SignedKind}`, { yacht: list.yacht.name })}</h1>
            <p>{t("sign.read", { lines: progress.total, noted: noted.length })}</p>
          </div>
          <Button onClick={onBack}>{t("sign.back")}</Button>
        </header>
        {openForks.length > 0 && (
          <p className={styles.stop} role="alert">
            {t("sign.forks", { forks: openForks.length })}
          </p>
        )}
        {list.kind === "check-in" && (
          <section className={`${styles.gate} ${gate.state === "not-cleared" ? styles.stop : ""}`}>
            <h2>
              <VerdictMark
                verdict={gate.state === "cleared" ? "fine" : gate.state === "not-cleared" ? "stop" : "watch"}
                size={22}
              />{" "}
              {gateWords}
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
        )}
        <section>
          <h2>{t("sign.noted")}</h2>
          {noted.length === 0 ? (
            <p>{t("sign.all-fine")}</p>
          ) : (
            <table className={styles.noted}>
              <caption className="visually-hidden">{t("sign.noted")}</caption>
              <thead>
                <tr>
                  <th scope="col">{t("sign.col-place")}</th>
                  <th scope="col">{t("sign.col-what")}</th>
                  <th scope="col">{t("sign.col-noted")}</th>
                </tr>
              </thead>
              <tbody>
                {noted.map((finding) => (
                  <tr key={finding.id}>
                    <td>{finding.place}</td>
                    <th scope="row">{finding.name}</th>
                    <td>
                      <span className={styles.said}>
                        <VerdictMark verdict={finding.verdict} /> {finding.words}
                        {finding.photos.length > 0 && ` · ${t("sign.photos", { photos: finding.photos.length })}`}
                      </span>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          )}
        </section>
        <KnownList />
        {briefing.length > 0 && (
          <section>
            <h2>{t("briefing.title")}</h2>
            <details>
              <summary>{briefing[0]}</summary>
              <ul className={styles.briefing}>
                {briefing.slice(1).map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </details>
          </section>
        )}
        <section>
          <h2>{t("sign.both")}</h2>
          <p>{t(isSkippers ? "sign.not-here" : "sign.declaration")}</p>
          {forCharterer !== null && !isSkippers && <p>{forCharterer}</p>}
          {voided && (
            <p className={styles.stop} role="alert">
              {t("sign.voided")}
            </p>
          )}
          {progress.left > 0 && !isSkippers && (
            <label className={styles.sure}>
              <input
                type="checkbox"
                checked={withOpenLines}
                onChange={(event) => setWithOpenLines(event.target.checked)}
              />
              {t("sign.open-lines", { left: progress.left })}
            </label>
          )}
          {isAlone && !isSkippers && (
            <label className={styles.sure}>
              <input
                type="checkbox"
                checked={withoutOthers}
                onChange={(event) => setWithoutOthers(event.target.checked)}
              />
              {t("sign.without-others", { others, heard })}
            </label>
          )}
          {!isSkippers && list.kind === "check-out" && (
            <WithoutSkipper
              without={without}
              witness={witness}
              onChange={(next) => {
                // another signs at that place: what stands there is not theirs
                if ((next === null) !== (without === null)) setSigned((both) => ({ ...both, skipper: null }));
                setWithout(next);
              }}
              onWitness={setWitness}
            />
          )}
          {tried && without && (without.words.trim() === "" || witness.trim() === "") && (
            <p className={styles.stop} role="alert">
              {t("without.missing")}
            </p>
          )}
          {!isSkippers && (
            <div className={styles.pads} key={`${round} ${without === null}`}>
              <SignatureField
                title={t("sign.for-base")}
                name={bundle.me.name}
                words={signatureWords}
                error={tried && !signed.base ? t("sign.blank") : null}
                onChange={(value) => setSigned((both) => ({ ...both, base: value }))}
              />
              <SignatureField
                title={t(without ? "without.for-witness" : "sign.for-skipper")}
                name={without ? witness : skipper.name}
                words={signatureWords}
                error={tried && !signed.skipper ? t("sign.blank") : null}
                onChange={(value) => setSigned((both) => ({ ...both, skipper: value }))}
              />
            </div>
          )}
        </section>
      </main>
      <footer className={styles.foot}>
        <SaveWords />
        {!isSkippers && (
          <Button
            look="on-dark"
            large
            disabled={openForks.length > 0 || (progress.left > 0 && !withOpenLines) || (isAlone && !withoutOthers)}
            onClick={() => void seal()}
          >
            {t("sign.seal")}
          </Button>
        )}
      </footer>
    </div>
  );
}
