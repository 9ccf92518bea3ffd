import { v7 as uuid } from "uuid";
import { askForBackup } from "@/api/base";
import { now } from "@/server/clock";
import { askBackup } from "@/server/db/backups";
import { serve } from "@/server/http/serve";

export const POST = serve(askForBackup, async ({ db }) => {
  await askBackup(db, uuid(), now());
  return {};
});
