import { titled } from "@/app/titled";
import { NewYacht } from "@/client/desk/NewYacht";
import { requireStaff } from "@/server/auth/session";
import { inBaseTransaction } from "@/server/db/pool";
import { listClasses } from "@/server/db/yacht-classes";

export const generateMetadata = titled("new-yacht");

export default async function NewYachtRoute() {
  const staff = await requireStaff();
  const classes = await inBaseTransaction(staff.baseId, listClasses);
  return <NewYacht classes={classes.map(({ slug, file }) => ({ slug, name: file.particulars.class }))} />;
}
