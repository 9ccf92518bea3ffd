/** @jest-environment ./src/testing/browser-environment.cjs */
import { act, screen, waitFor } from "@testing-library/react";
import { useTranslations } from "next-intl";
import { readKeys } from "@/api/system";
import { freshDevice } from "@/testing/browser-bits";
import { draw, wire } from "@/testing/screen";
import { call } from "../api/call";
import { LanguageButton } from "./LanguageButton";
import { LanguageProvider } from "./LanguageProvider";
import { chooseLanguage, keptLanguage, languageNow, proposeLanguage } from "./language";
import { useMoney } from "./useMoney";

function Page() {
  const t = useTranslations();
  const money = useMoney("EUR");
  return (
    <main>
      <LanguageButton />
      <h1>{t("tabs.today")}</h1>
      <p>{money(129_900)}</p>
      <p>{t("rules.title")}</p>
    </main>
  );
}
const open = () =>
  draw(
    <LanguageProvider>
      <Page />
    </LanguageProvider>,
  );
beforeEach(() => {
  freshDevice();
  localStorage.clear();
  window.history.replaceState(null, "", "/book");
});

describe("the language of the skipper's side", () => {
  it("is English until another is chosen, which is one tap by its own name, and one tap back", async () => {
    const person = open();
    expect(screen.getByRole("heading")).toHaveTextContent("Today");
    await person.click(screen.getByRole("button", { name: "Deutsch" }));
    await waitFor(() => expect(screen.getByRole("heading")).toHaveTextContent("Heute"));
    expect(document.documentElement.lang).toBe("de");
    expect(screen.getByText(/1\.299,00/)).toBeInTheDocument();
    // what only the base sees has no German words
    expect(screen.getByText("Rules of the base")).toBeInTheDocument();
    await person.click(screen.getByRole("button", { name: "English" }));
    await waitFor(() => expect(screen.getByRole("heading")).toHaveTextContent("Today"));
    expect(document.documentElement.lang).toBe("en");
  });

  it("comes with a link or a charter, and never over what was chosen here", async () => {
    proposeLanguage("de");
    open();
    await waitFor(() => expect(screen.getByRole("heading")).toHaveTextContent("Heute"));
    act(() => chooseLanguage("en"));
    proposeLanguage("de");
    expect(keptLanguage()).toBe("en");
    expect(screen.getByRole("heading")).toHaveTextContent("Today");
  });

  it("is none that there are no words in", () => {
    for (const strange of ["fr", "", "de-DE", "constructor", null, undefined]) proposeLanguage(strange);
    expect(keptLanguage()).toBeNull();
    expect(languageNow()).toBe("en");
  });

  it("is each handover's own on the base's tablet", () => {
    window.history.replaceState(null, "", "/handover#0001/galley");
    chooseLanguage("de");
    window.history.replaceState(null, "", "/handover#0001");
    expect(languageNow()).toBe("de");
    window.history.replaceState(null, "", "/handover#0002");
    expect(languageNow()).toBe("en");
  });

  it("is English at the desk, whatever book was opened in the same browser", () => {
    chooseLanguage("de");
    for (const page of ["/today", "/charters/BR-1053", "/work"]) {
      window.history.replaceState(null, "", page);
      expect(languageNow()).toBe("en");
    }
  });

  it("is told to the base with everything that is asked", async () => {
    const base = wire();
    base.answer(200, { keys: [] });
    chooseLanguage("de");
    await call(readKeys, {}).catch(() => undefined);
    expect(base.languages).toEqual(["de"]);
  });
});
