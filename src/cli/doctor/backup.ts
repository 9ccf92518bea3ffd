import { isBackupOld } from "../../core/backup/due";
import { backupsMade } from "../../server/db/backups";
import { basesThere } from "../../server/db/bases";
import { well, worthALook, type Look } from "./look";

export const backup: Look = {
  name: "backup",
  look: async ({ owner, at }) => {
    const { last, fault } = await backupsMade(owner);
    if (last === null && !(await basesThere(owner)).own) return well("there is no base of your own to back up yet");
    if (last === null) return worthALook("nothing was ever backed up here: ./brinecove backup FILE");
    const words = `the last one is of ${last.at}, ${last.file}${fault === null ? "" : `; since then one failed (${fault})`}`;
    return isBackupOld(at.toISOString(), last.at, last.at) || fault !== null ? worthALook(words) : well(words);
  },
};
