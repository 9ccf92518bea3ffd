import { useEffect } from "react";
import type { BookStore } from "../store/book-store";

/** A device that thinks it has signal may have none that reaches: what waits is tried again after so long. */
const againMs = 30_000;

/** Sends what waits as soon as there is signal, whatever page of the book is open. */
export function useSendAgain(store: BookStore): void {
  useEffect(() => {
    const send = () => void (store.save().waiting > 0 && store.send());
    addEventListener("online", send);
    const timer = setInterval(send, againMs);
    return () => {
      removeEventListener("online", send);
      clearInterval(timer);
    };
  }, [store]);
}
