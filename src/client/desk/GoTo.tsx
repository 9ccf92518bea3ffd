"use client";
import { useQuery } from "@tanstack/react-query";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useDeferredValue, useState } from "react";
import { findAnywhere } from "@/api/base";
import { Field } from "@/ui/Field";
import { Sheet } from "@/ui/Sheet";
import { call } from "../api/call";
import styles from "./GoTo.module.css";

/** Goes to a yacht, charter, person, piece of work or place by some letters of its name. Arrows choose, Enter goes. */
export function GoTo({ onClose }: { onClose: () => void }) {
  const t = useTranslations("go-to");
  const all = useTranslations("desk");
  const router = useRouter();
  const [typed, setTyped] = useState("");
  const [at, setAt] = useState(0);
  const find = useDeferredValue(typed.trim());
  const { data, isError } = useQuery({
    queryKey: ["go-to", find],
    queryFn: ({ signal }) => call(findAnywhere, { query: { find }, signal }),
    enabled: find !== "",
    placeholderData: (before) => before,
  });
  const found = find === "" ? [] : (data?.found ?? []);
  const go = (href: string | undefined) => {
    if (href === undefined) return;
    onClose();
    router.push(href);
  };
  const move = (by: number) => setAt(Math.min(Math.max(at + by, 0), found.length - 1));
  return (
    <Sheet title={t("title")} closeWord={all("close")} onClose={onClose}>
      <div className={styles.whole}>
        <Field label={t("find")} hint={t("hint")}>
          {(ids) => (
            <input
              {...ids}
              type="search"
              role="combobox"
              aria-expanded={found.length > 0}
              aria-controls="go-to-found"
              aria-activedescendant={found[at] ? `go-to-${at}` : undefined}
              data-autofocus
              autoComplete="off"
              maxLength={80}
              value={typed}
              onChange={(event) => {
                setTyped(event.target.value);
                setAt(0);
              }}
              onKeyDown={(event) => {
                if (event.key === "ArrowDown") move(1);
                else if (event.key === "ArrowUp") move(-1);
                else if (event.key === "Enter") go(found[at]?.href);
                else return;
                event.preventDefault();
              }}
            />
          )}
        </Field>
        <p role="status">{isError ? all("no-signal") : find !== "" && data && found.length === 0 ? t("none") : ""}</p>
        <ul id="go-to-found" role="listbox" aria-label={t("title")} className={styles.found}>
          {found.map(({ kind, title, detail, href }, index) => (
            <li
              key={`${kind} ${href} ${title} ${detail}`}
              id={`go-to-${index}`}
              role="option"
              aria-selected={index === at}
              onClick={() => go(href)}
              onMouseMove={() => setAt(index)}
            >
              <strong>{title}</strong>
              <span>
                {t(`kind-${kind}`)} · {detail}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </Sheet>
  );
}
