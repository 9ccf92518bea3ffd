import type { Queryable } from "./pool";

/**
 * Keeps the hash of a set-up code, which takes the place of one that nobody used.
 *
 * @param owner a connection as the owner of the tables: the app itself reaches them through functions alone
 */
export async function keepSetUpCode(owner: Queryable, id: string, codeHash: string): Promise<void> {
  await owner.query("delete from set_up where used_at is null");
  await owner.query("insert into set_up (id, code_hash, made_at) values ($1, $2, now())", [id, codeHash]);
}
