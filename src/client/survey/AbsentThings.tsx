"use client";
import { useTranslations } from "next-intl";
import type { SurveyBundle } from "@/api/schemas/draft";
import { Button } from "@/ui/Button";
import { nothing, type Keep } from "./keep";
import own from "./Survey.module.css";
import type { Said } from "./useSurvey";

interface Props {
  things: SurveyBundle["absent"];
  place: string;
  saidOf: (thing: SurveyBundle["absent"][number]) => Said;
  onKeep: Keep;
}

/** What the class has in a place and the yacht's file does not: it may be here after all. */
export function AbsentThings({ things, place, saidOf, onKeep }: Props) {
  const t = useTranslations("survey");
  if (things.length === 0) return null;
  return (
    <>
      <h3>{t("absent")}</h3>
      <ul className={own.things}>
        {things.map((thing) => {
          const said = saidOf(thing).note?.kind;
          const about = { collection: thing.collection, key: thing.key };
          return (
            <li key={`${thing.collection} ${thing.key}`} aria-label={thing.name}>
              <p>
                <strong>{thing.name}</strong>
                {said && ` · ${t(`said-${said}`)}`}
              </p>
              <Button
                look={said === "as-class" ? "chosen" : "plain"}
                onClick={() => void onKeep({ ...nothing, kind: "as-class", about, place }, [])}
                aria-label={`${t("here-after-all")}: ${thing.name}`}
              >
                {t("here-after-all")}
              </Button>
            </li>
          );
        })}
      </ul>
    </>
  );
}
