"use client";
import { Box, Button, chakra } from "@chakra-ui/react";
import { useRouter } from "next/navigation";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Dialog } from "@/ui/kit/Dialog";
import { GoTo } from "./GoTo";

const keys = ["k", "t", "f", "c", "n", "w", "h", "r", "arrows", "enter", "slash", "undo", "question"] as const;
const pages: Readonly<Record<string, string>> = {
  t: "/today",
  f: "/fleet",
  c: "/charters",
  n: "/charters/new",
  w: "/work",
  h: "/history",
  r: "/rules",
};

/** The desk's keys: `?` shows them, a letter goes to a page, Ctrl-K goes anywhere. */
export function KeyHelp() {
  const t = useTranslations("desk");
  const go = useTranslations("go-to");
  const router = useRouter();
  const [open, setOpen] = useState<"keys" | "go-to" | null>(null);
  const close = () => setOpen(null);
  useHotkeys("mod+k", () => setOpen("go-to"), { preventDefault: true, enableOnFormTags: true });
  useHotkeys("?", () => setOpen("keys"), { useKey: true, ignoreModifiers: true });
  useHotkeys(Object.keys(pages), ({ key }) => {
    const to = pages[key.toLowerCase()];
    if (to !== undefined && !document.querySelector("[role=dialog]")) router.push(to);
  });
  return (
    <>
      <Button onClick={() => setOpen("go-to")}>{go("open")}</Button>
      <Button aria-label={t("keys-title")} minWidth="48px" paddingInline="3" onClick={() => setOpen("keys")}>
        ?
      </Button>
      {open === "go-to" && <GoTo onClose={close} />}
      {open === "keys" && (
        <Dialog title={t("keys-title")} closeWord={t("close")} onClose={close}>
          <chakra.dl display="grid" gridTemplateColumns="max-content 1fr" gap="10px 24px">
            {keys.map((key) => (
              <Box key={key} display="contents">
                <dt>
                  <strong>{t(`key-${key}`)}</strong>
                </dt>
                <dd>{t(`key-${key}-does`)}</dd>
              </Box>
            ))}
          </chakra.dl>
        </Dialog>
      )}
    </>
  );
}
