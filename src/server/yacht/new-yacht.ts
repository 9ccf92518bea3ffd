import "server-only";
import { randomInt } from "node:crypto";
import { v7 as uuid } from "uuid";
import { freeKey } from "@/core/yacht/note/propose";
import { now } from "../clock";
import { takeTurns } from "../db/locks";
import { addDraft } from "../db/drafts";
import type { Queryable } from "../db/pool";
import { addYacht, yachtNames } from "../db/yachts";
import { AppError } from "@/api/app-error";
import { editDraft } from "./edit-draft";
import { requireClass } from "./require-class";

/** Letters and digits that nobody takes for one another. */
const plain = "ACDEFGHJKLMNPQRTUVWXY34679";

/** Makes a yacht of a class: everything the class knows stands in her first draft, under her own name. */
export async function newYacht(
  db: Queryable,
  { classSlug, name, berth }: { classSlug: string; name: string; berth: string },
  personId: string,
): Promise<{ slug: string }> {
  const yachtClass = await requireClass(db, classSlug);
  await takeTurns(db, "new yacht");
  const rows = await yachtNames(db);
  if (rows.some((each) => each.name.toLowerCase() === name.toLowerCase()))
    throw new AppError("name-taken", { name }, "name");
  const slug = freeKey(Object.fromEntries(rows.map((each) => [each.slug, true])), name);
  const id = uuid();
  const code = `${slug.replaceAll("-", "").slice(0, 5).toUpperCase()}-${Array.from({ length: 8 }, () => plain[randomInt(plain.length)]).join("")}`;
  await addYacht(db, { id, slug, name, berth, code });
  await addDraft(db, { yachtId: id }, { id: uuid(), onRevision: 0, classId: yachtClass.id }, personId, now());
  await editDraft(
    db,
    { of: "yachts", slug },
    [
      {
        id: uuid(),
        path: "/particulars/name",
        from: yachtClass.file.particulars.name,
        to: name,
        undoes: null,
        source: null,
      },
    ],
    personId,
  );
  return { slug };
}
