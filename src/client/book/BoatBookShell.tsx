"use client";
import { readBook } from "@/api/book";
import { printRecord } from "@/api/handovers";
import { closeBook, openBook } from "@/api/sign-in";
import { AppError } from "@/api/app-error";
import { call, href } from "../api/call";
import { useFormatter, useTranslations } from "next-intl";
import { useCallback, useEffect, useState, type SubmitEvent } from "react";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { HullIcon } from "@/ui/plan/HullIcon";
import { VerdictMark } from "@/ui/VerdictMark";
import { BookStore } from "../store/book-store";
import { StatementPart } from "./StatementPart";
import { StudyScreen } from "../study/StudyScreen";
import { NoSignalState } from "../offline/NoSignalState";
import { KeptPhoto } from "./KeptPhoto";
import styles from "./Book.module.css";
import { AfterCheckIn } from "./AfterCheckIn";
import { ComingBack } from "./ComingBack";
import { EmergencyButton } from "../parts/EmergencyButton";
import { WalkAlone } from "./WalkAlone";
import { YachtBook } from "./YachtBook";

type State =
  | { at: "opening" }
  | { at: "pin"; fault: string | null }
  | { at: "no-link" }
  | { at: "fault"; words: string }
  | { at: "open"; store: BookStore };

const secretFrom = (hash: string) => /^#([\w-]{20,80})$/.exec(hash)?.[1] ?? null;

/** The boat book: opened by link and PIN, no account. What was signed, the plan, the emergency cards. */
export function BoatBookShell() {
  const t = useTranslations();
  const [state, setState] = useState<State>({ at: "opening" });
  const load = useCallback(async () => {
    // a link opened on a device that holds another charter's book asks for its own PIN
    if (secretFrom(location.hash)) return setState({ at: "pin", fault: null });
    try {
      setState({ at: "open", store: await BookStore.keep(await call(readBook, {})) });
    } catch (error) {
      if (error instanceof AppError && error.status === 401) return setState({ at: "no-link" });
      // without signal the book opens as this device kept it
      const kept = await BookStore.kept().catch(() => null);
      if (kept) setState({ at: "open", store: kept });
      else setState({ at: "fault", words: error instanceof AppError ? error.message : t("desk.no-signal") });
    }
  }, [t]);
  useEffect(() => {
    // opening what the address or the cookie names is what this effect is for
    // eslint-disable-next-line react-hooks/set-state-in-effect
    void load();
  }, [load]);
  const open = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const pin = String(new FormData(event.currentTarget).get("pin")).replaceAll(/\s/g, "");
    if (!/^\d{6}$/.test(pin)) return setState({ at: "pin", fault: t("book.pin-wrong-form") });
    try {
      await call(openBook, { body: { secret: secretFrom(location.hash) ?? "", pin } });
      // the secret has done its work: it does not stay in the address
      history.replaceState(null, "", "/book");
      await load();
    } catch (error) {
      setState({ at: "pin", fault: error instanceof AppError ? error.message : t("desk.no-signal") });
    }
  };
  if (state.at === "open") return <OpenBook store={state.store} />;
  return (
    <main className={styles.alone}>
      <h1>{t("book.pin-title")}</h1>
      {state.at === "opening" && <p role="status">{t("book.opening")}</p>}
      {state.at === "no-link" && <p>{t("book.no-link")}</p>}
      {state.at === "fault" && <p role="alert">{state.words}</p>}
      {state.at === "pin" && (
        <form onSubmit={open} method="post" style={{ display: "grid", gap: 16 }}>
          <p>{t("book.pin-words")}</p>
          <Field label={t("book.pin")} error={state.fault}>
            {(ids) => (
              <input {...ids} name="pin" inputMode="numeric" autoComplete="one-time-code" maxLength={8} required />
            )}
          </Field>
          <Button type="submit" look="main" large>
            {t("book.open")}
          </Button>
        </form>
      )}
    </main>
  );
}

function OpenBook({ store }: { store: BookStore }) {
  const { book } = store;
  const t = useTranslations();
  const format = useFormatter();
  const { timeZone, currency, phone } = book.base;
  const at = (instant: string) =>
    format.dateTime(new Date(instant), {
      weekday: "short",
      day: "numeric",
      month: "long",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
      timeZone,
    });
  const [studying, setStudying] = useState(false);
  const [openedAt] = useState(() => Date.now());
  const [keptBytes, setKeptBytes] = useState<number | null>(null);
  useEffect(() => {
    void store.keepEverything().then(setKeptBytes);
  }, [store]);
  const [notErased, setNotErased] = useState(false);
  const close = async () => {
    const { NoteStore } = await import("../store/note-store");
    if (
      (
        await NoteStore.open()
          .leave()
          .catch(() => [])
      ).length > 0 ||
      !(await store.erase())
    )
      return setNotErased(true);
    await call(closeBook, {}).catch(() => undefined);
    location.reload();
  };
  const { particulars } = book.yacht.file;
  if (studying) return <StudyScreen store={store} onBack={() => setStudying(false)} />;
  const mayStudy = !book.handovers.some((handover) => handover.sealedAt);
  return (
    <div className={styles.page}>
      <header className={styles.top}>
        <div>
          <p>
            {t("book.title")} · {book.reference} · {book.skipper}
          </p>
          <h1>{book.yacht.name}</h1>
          <p>
            {t("book.stay", { from: at(book.stay.startsAt), to: at(book.stay.endsAt), aboard: book.stay.aboard })} ·{" "}
            {t("book.berth", { berth: book.yacht.berth })}
          </p>
        </div>
        <HullIcon particulars={particulars} tone="on-dark" width={84} />
      </header>
      <main className={styles.page}>
        <section className={styles.part}>
          <a className={styles.call} href={`tel:${phone.replaceAll(" ", "")}`}>
            {t("book.call", { phone })}
          </a>
        </section>
        <div className={styles.part}>
          <NoSignalState shell="/book" bytes={keptBytes} />
        </div>
        {store.keptAt && (
          <p className={styles.part} role="status">
            {t("book.kept-from", { at: at(store.keptAt) })}
          </p>
        )}
        {mayStudy && (
          <section className={styles.part} aria-label={t("study.title")}>
            <h2>{t("study.title")}</h2>
            <p>{t("study.words")}</p>
            {book.changes.length > 0 && (
              <>
                <p>
                  <strong>{t("study.changed")}:</strong>
                </p>
                <ul className={styles.changes}>
                  {book.changes.map((change) => (
                    <li key={change}>{change}</li>
                  ))}
                </ul>
              </>
            )}
            <Button look="main" large onClick={() => setStudying(true)}>
              {t(store.said().length > 0 ? "study.go-on" : "study.open")}
            </Button>
          </section>
        )}
        {book.notAlone && !store.keptAt && <WalkAlone against={book.notAlone} />}
        {book.afterwards && !book.handovers.some((handover) => handover.kind === "check-out" && handover.sealedAt) && (
          <AfterCheckIn store={store} />
        )}
        {book.afterwards && !book.handovers.some((handover) => handover.kind === "check-out" && handover.sealedAt) && (
          <ComingBack store={store} nowMs={openedAt} />
        )}
        <section className={styles.part} aria-label={t("book.records")}>
          <h2>{t("book.records")}</h2>
          {book.handovers.length === 0 && <p>{t("book.none-yet")}</p>}
          {book.handovers.map((handover) =>
            handover.sealedAt ? (
              <article key={handover.id} className={styles.record}>
                <h3>{t(`book.signed-${handover.kind}`, { at: at(handover.sealedAt) })}</h3>
                <p>{t("book.lines", { lines: handover.lines, noted: handover.noted.length })}</p>
                <ul className={styles.noted}>
                  {handover.noted.map((noted, index) => (
                    <li key={index}>
                      <VerdictMark verdict={noted.verdict} />
                      <span>
                        <strong>{noted.name}</strong>, {noted.place}: {noted.words}
                        {noted.photos.map((hash, number) => (
                          <KeptPhoto
                            key={hash}
                            store={store}
                            hash={hash}
                            alt={t("photo.of", { name: noted.name, number: number + 1 })}
                          />
                        ))}
                      </span>
                    </li>
                  ))}
                </ul>
                <p className={styles.links}>
                  <a href={href(printRecord, { params: { id: handover.id } })} target="_blank" rel="noreferrer">
                    {t("book.pdf")}
                  </a>
                </p>
              </article>
            ) : (
              <p key={handover.id}>{t(`book.not-yet-${handover.kind}`)}</p>
            ),
          )}
          {book.settlement && (
            <StatementPart
              settlement={book.settlement}
              stayId={book.stay.id}
              currency={currency}
              timeZone={timeZone}
              onChanged={() => location.reload()}
            />
          )}
        </section>
        <section className={styles.part} aria-label={t("book.your-yacht")}>
          <h2>{t("book.your-yacht")}</h2>
          <YachtBook file={book.yacht.file} tells={book.yacht.slug} />
        </section>
        <EmergencyButton file={book.yacht.file} />
        <section className={styles.part}>
          <Button onClick={() => void close()}>{t("book.close")}</Button>
          {notErased && <p role="alert">{t("book.not-erased")}</p>}
        </section>
      </main>
    </div>
  );
}
