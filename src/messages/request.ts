import { getRequestConfig } from "next-intl/server";
import { en } from "./en";

/** The demo has English alone; a base's list of languages chooses here later. */
export default getRequestConfig(async () => ({ locale: "en-GB", messages: en, timeZone: "UTC" }));
