"use client";
import { closeBook } from "@/api/sign-in";
import { call } from "../api/call";
import { useTranslations } from "next-intl";
import { useState } from "react";
import { Button } from "@/ui/Button";
import type { BookStore } from "../store/book-store";

/** Closes the book on this device and erases what it held; not while something still waits to be sent. */
export function CloseBook({ store }: { store: BookStore }) {
  const t = useTranslations("book");
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
  return (
    <>
      <Button onClick={() => void close()}>{t("close")}</Button>
      {notErased && <p role="alert">{t("not-erased")}</p>}
    </>
  );
}
