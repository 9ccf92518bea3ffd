import { existsSync, statfsSync } from "node:fs";
import { dataFolder } from "../database";
import { backupFolder } from "../backup/daily";
import { well, worthALook, type Look } from "./look";

const leastMb = 2000;

/** The disks on which data and backups lie. */
export const disk: Look = {
  name: "disk",
  look: () => {
    const free = [dataFolder(), backupFolder()].filter(existsSync).map((folder) => {
      const { bavail, bsize } = statfsSync(folder);
      return { folder, mb: Math.floor((bavail * bsize) / 1e6) };
    });
    const words = free.map(({ folder, mb }) => `${mb} MB free in ${folder}`).join(", ");
    return free.some(({ mb }) => mb < leastMb) ? worthALook(`${words}: make room before it is full`) : well(words);
  },
};
