import type en from "./en.json";

declare module "next-intl" {
  interface AppConfig {
    Locale: "en-GB";
    Messages: typeof en;
  }
}
