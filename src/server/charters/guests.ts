import "server-only";
import { v7 as uuid } from "uuid";
import { AppError } from "@/api/app-error";
import { addGuest, changeContacts, findGuest } from "../db/charter-entries";
import type { Queryable } from "../db/pool";

/** A guest as a form gives one: known by an id, or new. */
export interface GivenGuest {
  id: string | null;
  name: string;
  email: string;
  phone: string;
}

/**
 * The guest that a form means. Contacts of a known one are written over; another name is another person, as what was
 * signed under a name stays under it.
 *
 * @param where the field that names the guest
 */
export async function guestOf(db: Queryable, given: GivenGuest, where: string): Promise<string> {
  const contacts = { email: given.email.trim() || null, phone: given.phone.trim() || null };
  const name = given.name.trim().replaceAll(/\s+/g, " ");
  if (given.id !== null) {
    const known = await findGuest(db, given.id);
    if (!known) throw new AppError("no-such-guest", {}, where);
    if (known.name === name) {
      await changeContacts(db, known.id, contacts);
      return known.id;
    }
  }
  const id = uuid();
  await addGuest(db, id, { name, ...contacts });
  return id;
}
