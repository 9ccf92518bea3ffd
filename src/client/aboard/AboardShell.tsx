"use client";
import { printAboardCard, readAboard } from "@/api/aboard";
import { AppError } from "@/api/app-error";
import { useTranslations } from "next-intl";
import { useCallback, useEffect, useState, type SubmitEvent } from "react";
import type { AboardBook } from "@/api/schemas/book";
import { Button } from "@/ui/Button";
import { Field } from "@/ui/Field";
import { call, href } from "../api/call";
import styles from "../book/Book.module.css";
import { FindTab } from "../book/find/FindTab";
import { BookFrame } from "../book/frame/BookFrame";
import { LookChoice } from "../book/frame/LookChoice";
import { pathTo, useBookRoute } from "../book/route/route";
import { Figures } from "../book/papers/Figures";
import { PlanTab } from "../book/plan/PlanTab";
import { CallTheBase } from "../book/today/CallTheBase";
import { NoSignalState } from "../offline/NoSignalState";
import { DrillLater, keepDrills } from "../drills/DrillLater";
import { useDeviceKeeper } from "../trouble/device-keeper";
import { TroubleLater } from "../trouble/TroubleLater";
import { useClock } from "../planners/frame/useClock";
import { useMinute } from "../planners/frame/of-boat";
import { keepAboard, keptAboard } from "../store/aboard-store";

/** Where the address on a label leads, which names a place or a fitting alone; null for an address of the book itself. */
function fromLabel([first, key]: readonly string[]): string | null {
  if (
    first === undefined ||
    first === "trouble" ||
    first === "drill" ||
    (aboardTabs as readonly string[]).includes(first)
  )
    return null;
  if (first === "fitting") return key === undefined ? null : pathTo("find", { kind: "fitting", key });
  return pathTo("plan", { kind: "place", key: first });
}

/** What the code posted aboard opens: `#CODE`, or from a label `#CODE/place` or `#CODE/fitting/key`. Nothing personal. */
export function AboardShell() {
  const t = useTranslations();
  const [book, setBook] = useState<AboardBook | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [openCode, setOpenCode] = useState("");
  const [keptBytes, setKeptBytes] = useState<number | null>(null);
  const load = useCallback(
    async (code: string) => {
      setOpenCode(code);
      try {
        const opened = await call(readAboard, { params: { code } });
        setBook(opened);
        setFault(null);
        setKeptBytes(await keepAboard(code, opened).catch(() => null));
      } catch (error) {
        // without signal it opens as this device kept it
        const kept = error instanceof AppError ? null : await keptAboard(code).catch(() => null);
        if (kept) return setBook(kept);
        setFault(error instanceof AppError ? error.message : t("desk.no-signal"));
      }
    },
    [t],
  );
  useEffect(() => {
    let followed = "";
    // the address of another yacht, opened in the same window, opens that yacht
    const follow = () => {
      const [code, ...at] = decodeURIComponent(location.hash.slice(1)).split("/");
      if (!code || code === followed) return;
      followed = code;
      const labelled = fromLabel(at);
      if (labelled) history.replaceState(null, "", `#${code}/${labelled}`);
      void load(code);
    };
    follow();
    window.addEventListener("hashchange", follow);
    return () => window.removeEventListener("hashchange", follow);
  }, [load]);
  const open = (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const code = String(new FormData(event.currentTarget).get("code")).trim().toUpperCase();
    if (code !== "") void load(code);
  };
  if (!book) {
    return (
      <main className={styles.alone}>
        <h1>{t("aboard.code")}</h1>
        <form onSubmit={open} style={{ display: "grid", gap: 16 }}>
          <Field label={t("aboard.ask")} error={fault}>
            {(ids) => (
              <input {...ids} name="code" autoComplete="off" autoCapitalize="characters" maxLength={20} required />
            )}
          </Field>
          <Button type="submit" look="main" large>
            {t("aboard.open")}
          </Button>
        </form>
      </main>
    );
  }
  return <AboardBookTabs key={openCode} book={book} code={openCode} keptBytes={keptBytes} />;
}

const aboardTabs = ["find", "plan", "papers"] as const;

/** The book of who is aboard without an account: what there is, where it is, and her card. */
function AboardBookTabs({ book, code, keptBytes }: { book: AboardBook; code: string; keptBytes: number | null }) {
  const t = useTranslations();
  const { file } = book.yacht;
  const { route, go } = useBookRoute("find", `${code}/`);
  const keeper = useDeviceKeeper(code);
  const clock = useClock(Intl.DateTimeFormat().resolvedOptions().timeZone, useMinute());
  const isTrouble = route.at === "trouble" || route.isWrong;
  useEffect(keepDrills, []);
  return (
    <BookFrame
      tabs={aboardTabs}
      route={route}
      go={go}
      file={file}
      head={{ over: book.base.name, title: book.yacht.name, under: t("aboard.words") }}
    >
      {isTrouble && (
        <TroubleLater
          {...{ file, keeper, fault: route.fault }}
          base={{ clock, phone: book.base.phone, reference: null, persons: null }}
          onFault={(fault) => (fault === null ? go("find", "wrong") : go("trouble", { fault }))}
        />
      )}
      {route.at === "drill" && (
        <DrillLater
          file={file}
          drill={route.drill}
          onDrill={(drill) => (drill === null ? go("drill") : go("drill", { drill }))}
        />
      )}
      {route.at === "find" && !isTrouble && (
        <>
          <FindTab file={file} route={route} go={go} yacht={code} />
          <Button onClick={() => go("drill")}>{t("book.drills")}</Button>
          {keptBytes !== null && <NoSignalState shell="/aboard" bytes={keptBytes} />}
        </>
      )}
      {route.at === "plan" && <PlanTab file={file} route={route} go={go} />}
      {route.at === "papers" && (
        <>
          <p>
            <a
              className={styles.call}
              href={href(printAboardCard, { params: { code } })}
              target="_blank"
              rel="noreferrer"
            >
              {t("card.link")}
            </a>
          </p>
          <CallTheBase phone={book.base.phone} />
          <Figures file={file} />
          <LookChoice />
        </>
      )}
    </BookFrame>
  );
}
