"use client";
import { Button } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useEffect, useState } from "react";
import { Sheet } from "@/ui/Sheet";

const keys = ["t", "f", "c", "w", "h", "r", "arrows", "enter", "slash", "undo", "question"] as const;

/** The desk's keys: `?` shows them, a letter goes to a page. */
export function KeyHelp() {
  const t = useTranslations("desk");
  const router = useRouter();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.ctrlKey || event.metaKey || event.altKey || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) return;
      if (event.key === "?") setOpen(true);
      if (document.querySelector("dialog[open]")) return;
      const to = { t: "/today", f: "/fleet", c: "/charters", w: "/work", h: "/history", r: "/rules" }[event.key];
      if (to) router.push(to);
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [router]);
  return (
    <>
      <Button aria-label={t("keys-title")} minWidth="48px" paddingInline="3" onClick={() => setOpen(true)}>
        ?
      </Button>
      {open && (
        <Sheet title={t("keys-title")} closeWord={t("close")} onClose={() => setOpen(false)}>
          <dl style={{ display: "grid", gridTemplateColumns: "max-content 1fr", gap: "10px 24px" }}>
            {keys.map((key) => (
              <div key={key} style={{ display: "contents" }}>
                <dt>
                  <strong>{t(`key-${key}`)}</strong>
                </dt>
                <dd>{t(`key-${key}-does`)}</dd>
              </div>
            ))}
          </dl>
        </Sheet>
      )}
    </>
  );
}
