import pg from "pg";

/** Does something on a connection of its own, as whoever the address names. */
export async function connected<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  // a connection that is cut off fails the query that runs on it; its own event would end the process
  client.on("error", () => undefined);
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}
