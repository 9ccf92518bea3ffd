import pg from "pg";

/** Puts a copy of a database, to which nobody is connected, in the place of the one with a name. Who is connected to that is cut off. */
export async function copyDatabase(server: pg.Client, name: string, of: string): Promise<void> {
  await server.query(`drop database if exists ${pg.escapeIdentifier(name)} with (force)`);
  await server.query(`create database ${pg.escapeIdentifier(name)} template ${pg.escapeIdentifier(of)}`);
}
