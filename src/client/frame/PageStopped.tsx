"use client";
import de from "@/messages/de/fault.json";
import en from "@/messages/en/fault.json";
import { Button } from "@/ui/Button";
import { languageNow } from "../language/language";
import styles from "./PageStopped.module.css";

// its own few words: where a page has stopped, the catalogue may not be there
const words = { en, de };

/** Stands in place of a page that has stopped by a fault of ours, says that nothing is lost and tries again. */
export function PageStopped({ onAgain }: { onAgain: () => void }) {
  const { title, words: about, again } = words[languageNow()];
  return (
    <main className={styles.page} role="alert">
      <h1>{title}</h1>
      <p>{about}</p>
      <Button look="main" large onClick={onAgain}>
        {again}
      </Button>
    </main>
  );
}
