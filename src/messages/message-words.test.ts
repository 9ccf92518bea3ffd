import { languages } from "@/core/basics/languages";
import { fill, namesIn, templateFaults } from "@/core/messages/fill";
import { messageKinds, namesOf } from "@/core/messages/kinds";
import { usualMessageWords } from "./message-words";

describe("what guests are written where a base has no words of its own", () => {
  it.each(messageKinds.flatMap((kind) => languages.map((language) => [kind, language] as const)))(
    "%s in %s fits its kind",
    (kind, language) => {
      const usual = usualMessageWords(kind, language);
      expect(templateFaults(kind, usual)).toEqual([]);
      // every name has a value, so that no brace is left to the guest
      const values = Object.fromEntries(namesOf(kind).map((name) => [name, "x"]));
      expect(namesIn(fill(`${usual.subject}${usual.words}`, values))).toEqual([]);
    },
  );
});
