import de from "./de/drills.json";
import en from "./en/drills.json";

/** What is said in drills, by language: a catalogue of its own, which a device fetches when one is worked. */
export const drillCatalogues = { en, de };
