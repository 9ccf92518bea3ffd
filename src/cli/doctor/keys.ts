import { checkKeys } from "../check-keys";
import { well, type Look } from "./look";

/** Whether every base's records can be signed and proved. */
export const keys: Look = {
  name: "keys",
  look: async ({ ownerUrl }) => {
    await checkKeys(ownerUrl);
    return well("every base has the key that its records are signed with");
  },
};
