import { languageOf } from "./language";

const asking = (language?: string) =>
  languageOf(
    new Request("http://127.0.0.1/x", language === undefined ? {} : { headers: { "accept-language": language } }),
  );

it.each([
  [undefined, "en"],
  ["de", "de"],
  ["de-AT,de;q=0.9,en;q=0.5", "de"],
  ["fr-FR, de;q=0.4", "de"],
  ["en-GB,de", "en"],
  ["*", "en"],
  ["x".repeat(9000), "en"],
])("who reads %p is answered in %s", (asked, language) => expect(asking(asked)).toBe(language));
