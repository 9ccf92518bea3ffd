import de from "./de/faults.json";
import en from "./en/faults.json";

/** What is said of faults, by language: a catalogue of its own, which a device fetches when something is wrong. */
export const faultCatalogues = { en, de };
