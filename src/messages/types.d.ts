import type { en } from "./en";

declare module "next-intl" {
  interface AppConfig {
    Locale: "en-GB";
    Messages: typeof en;
  }
}
