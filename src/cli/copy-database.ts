import pg from "pg";

/** Does something on the server as who may make databases. */
export async function asServer<T>(url: string, work: (server: pg.Client) => Promise<T>): Promise<T> {
  const server = new pg.Client({ connectionString: url });
  await server.connect();
  try {
    return await work(server);
  } finally {
    await server.end();
  }
}

/** Puts a copy of a database, to which nobody is connected, in the place of the one with a name. Who is connected to that is cut off. */
export async function copyDatabase(server: pg.Client, name: string, of: string): Promise<void> {
  await server.query(`drop database if exists ${pg.escapeIdentifier(name)} with (force)`);
  await server.query(`create database ${pg.escapeIdentifier(name)} template ${pg.escapeIdentifier(of)}`);
}
