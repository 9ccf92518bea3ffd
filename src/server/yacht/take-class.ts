import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import { freeKey } from "@/core/yacht/note/propose";
import { now } from "../clock";
import { takeTurns } from "../db/locks";
import type { Queryable } from "../db/pool";
import { addClassRow } from "../db/revisions";
import { listClasses } from "../db/yacht-classes";
import type { Template } from "@/core/yacht/templates";
import type { YachtFile } from "@/core/yacht/schema";
import { parseYachtFile } from "./parse-file";
import { templateFile } from "./template-file";

/**
 * Takes a whole yacht file as a class of the base: the yachts made of it begin with everything that it knows. What is
 * wrong in it is said at each of them before she is published.
 */
export async function takeClass(db: Queryable, document: unknown, personId: string): Promise<{ slug: string }> {
  return addClass(db, parseYachtFile(document), personId, "taken in from a file");
}

/** Begins a class from a template: what must be true of the boat is blank, and asked for before she is published. */
export async function beginClass(
  db: Queryable,
  { template, name }: { template: Template; name: string },
  personId: string,
): Promise<{ slug: string }> {
  return addClass(db, await templateFile(template, name), personId, "begun from a template");
}

async function addClass(db: Queryable, file: YachtFile, personId: string, why: string): Promise<{ slug: string }> {
  await takeTurns(db, "new class");
  const classes = await listClasses(db);
  const name = file.particulars.class;
  if (classes.some((each) => each.file.particulars.class.toLowerCase() === name.toLowerCase()))
    throw new AppError("class-there", { name }, "/particulars/class");
  const slug = freeKey(Object.fromEntries(classes.map((each) => [each.slug, true])), name);
  await addClassRow(db, {
    id: uuid(),
    slug,
    revision: 1,
    document: file,
    at: now(),
    by: personId,
    why,
    accepted: [],
  });
  return { slug };
}
