"use client";
import { Clock, FileText, Search } from "lucide-react";
import { useTranslations } from "next-intl";
import { useState, type ReactNode } from "react";
import type { YachtFile } from "@/core/yacht/schema";
import { HullIcon } from "@/ui/plan/HullIcon";
import { EmergencySheet } from "../../parts/EmergencySheet";
import styles from "./BookFrame.module.css";
import { useLanguage } from "../../language/language";
import { LanguageButton } from "../../language/LanguageButton";
import { NightButton } from "./NightButton";
import { PlanRail } from "./PlanRail";
import { PlanSign } from "./PlanSign";
import type { BookRoute, BookTab, ShowOf } from "../route/route";
import { useWide } from "./useWide";

interface Props {
  tabs: readonly BookTab[];
  route: BookRoute;
  go: (at: BookRoute["at"], show?: ShowOf) => void;
  file: YachtFile;
  /** above the title, the title itself, and below it */
  head: { over: string; title: string; under: string };
  children: ReactNode;
}

const signs: Record<BookTab, ReactNode> = {
  today: <Clock aria-hidden="true" size={22} />,
  find: <Search aria-hidden="true" size={22} />,
  plan: <PlanSign />,
  papers: <FileText aria-hidden="true" size={22} />,
};

/** The frame of a boat book: which yacht above, and under the thumb the tabs, what is wrong and the emergency cards. */
export function BookFrame({ tabs, route, go, file, head, children }: Props) {
  const t = useTranslations("tabs");
  const isWide = useWide();
  const [isEmergency, setEmergency] = useState(false);
  // her plan is one tab, and a device at work takes the whole width
  const isAtWork = route.drill !== null || route.at === "handle";
  const hasRail = isWide && route.at !== "plan" && !isAtWork;
  return (
    <div className={styles.book} data-tab={route.at}>
      <BookHead head={head} file={file} />
      <div className={styles.middle}>
        {hasRail && <PlanRail file={file} show={route.show} go={go} />}
        <main className={styles.main} data-wide={isAtWork ? "" : undefined}>
          {children}
        </main>
      </div>
      <div className={styles.dock}>
        <div className={styles.help}>
          <button type="button" className={styles.wrong} onClick={() => go("find", "wrong")}>
            {t("wrong")}
          </button>
          <button type="button" className={styles.emergency} onClick={() => setEmergency(true)}>
            {t("emergency")}
          </button>
        </div>
        <nav className={styles.tabs} aria-label={t("title")}>
          {tabs.map((tab) => (
            <button
              key={tab}
              type="button"
              aria-current={tab === route.at ? "page" : undefined}
              onClick={() => go(tab)}
            >
              {signs[tab]}
              {t(tab)}
            </button>
          ))}
        </nav>
      </div>
      {isEmergency && <EmergencySheet file={file} onClose={() => setEmergency(false)} />}
    </div>
  );
}

function BookHead({ head, file }: { head: Props["head"]; file: YachtFile }) {
  const t = useTranslations("tabs");
  const language = useLanguage();
  // what the yacht's own file says stays in its language, and says so
  const isOther = Object.values(file.places).every(({ name }) => name[language] === undefined);
  return (
    <header className={styles.head}>
      <div>
        <p>{head.over}</p>
        <h1>{head.title}</h1>
        <p>
          {head.under}
          {isOther && ` · ${t("texts")}`}
        </p>
      </div>
      <HullIcon particulars={file.particulars} tone="on-dark" width={72} />
      <div className={styles.switches}>
        <NightButton />
        <LanguageButton />
      </div>
    </header>
  );
}
