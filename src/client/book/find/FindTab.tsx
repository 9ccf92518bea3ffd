"use client";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { localize } from "@/core/basics/words";
import type { Hit } from "@/core/yacht/finder/finder";
import type { YachtFile } from "@/core/yacht/schema";
import { Button } from "@/ui/Button";
import { FinderField } from "../../finder/FinderField";
import { ResultDetail } from "../../finder/ResultDetail";
import styles from "../Book.module.css";
import { BySystem } from "../BySystem";
import type { BookRoute, Show, ShowOf } from "../route/route";
import { NoteInBook } from "../NoteInBook";
import { askedBefore, keepAsked } from "../../store/asked-before";

interface Props {
  file: YachtFile;
  route: BookRoute;
  go: (at: BookRoute["at"], show?: ShowOf) => void;
  /** the yacht's short name, where one can say that her file is wrong */
  tells?: string;
  /** which yacht's last questions are kept on this device */
  yacht: string;
}

/** Find: the field above, the answers right below it, what was asked before, what can be wrong, and everything by system. */
export function FindTab({ file, route, go, tells, yacht }: Props) {
  const { show } = route;
  const [before, setBefore] = useState(() => askedBefore(yacht));
  const choose = (hit: Hit, asked: string) => {
    setBefore(keepAsked(yacht, asked));
    go("find", { kind: hit.kind, key: hit.id });
  };
  const fitting = (key: string) => go("find", { kind: "fitting", key });
  const procedure = (key: string) => go("find", { kind: "procedure", key });
  return (
    <>
      <FinderField
        file={file}
        chosen={show && show.kind !== "place" ? `${show.kind}:${show.key}` : null}
        onChoose={choose}
        before={before}
      />
      {show && show.kind !== "place" ? (
        <Found file={file} found={{ kind: show.kind, id: show.key }} go={go} tells={tells} />
      ) : (
        <BySystem
          file={file}
          onFitting={fitting}
          onProcedure={procedure}
          onOther={(kind, key) => go("find", { kind, key })}
        />
      )}
    </>
  );
}

type NotedPart = { collection: "fittings" | "inventory"; key: string };

/** The part of the file that something found is, where one can say that it is wrong. */
function notedPart({ kind, id }: Pick<Hit, "kind" | "id">): NotedPart | null {
  const collection = kind === "fitting" ? "fittings" : kind === "inventory" ? "inventory" : null;
  return collection && { collection, key: id };
}

/** What was found, in full, with the way to where it is on her plan. */
function Found({
  file,
  found,
  go,
  tells,
}: {
  file: YachtFile;
  found: Pick<Hit, "kind" | "id">;
  go: Props["go"];
  tells?: string;
}) {
  const t = useTranslations("find");
  const about = notedPart(found);
  const place = about ? file[about.collection][about.key]?.place : undefined;
  const onPlan: Show | null =
    found.kind === "fitting" ? { kind: "fitting", key: found.id } : place ? { kind: "place", key: place } : null;
  return (
    <section className={styles.block} aria-live="polite">
      <ResultDetail file={file} hit={found} onFitting={(key) => go("find", { kind: "fitting", key })} />
      {onPlan && <Button onClick={() => go("plan", onPlan)}>{t("on-plan")}</Button>}
      {tells !== undefined && about && (
        <NoteInBook
          key={`${about.collection}:${about.key}`}
          yacht={tells}
          about={about}
          name={localize(file[about.collection][about.key]?.name ?? { en: about.key })}
        />
      )}
    </section>
  );
}
