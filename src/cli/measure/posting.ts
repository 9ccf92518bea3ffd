import autocannon, { type Result } from "autocannon";
import pg from "pg";
import { v7 as uuid } from "uuid";
import type { HandoverBundle } from "../../api/schemas/handover";
import { entryHash, type Entry } from "../../core/handover/entry";
import type { Prepared } from "../prepare";

type Say = (what: string, figure: string) => void;
interface Opened {
  handover: string;
  grant: string;
  bundle: HandoverBundle;
}
const clients = 50;
const seconds = 10;
const batch = 50;

/**
 * Posting entries against what the same machine can do at all: a route handler that does nothing, and bare inserts of the
 * same rows, all in one run.
 */
export async function postingFigures(say: Say, origin: string, { ownerUrl, appUrl }: Prepared): Promise<void> {
  const opened = await openFive(origin, ownerUrl);
  const empty = await autocannon({
    url: `${origin}/api/sign-out`,
    method: "POST",
    headers: { origin },
    connections: clients,
    duration: seconds,
  });
  say(`a route handler that does nothing (signing out nobody), ${clients} clients`, rateOf(empty));
  say(`posts of one entry, ${clients} clients over 5 handovers`, rateOf(await post(origin, opened, 1)));
  say(
    "bare node-postgres insert of the same rows, 50 at once, 12 connections",
    `${await bareRate(opened, ownerUrl, appUrl)}/s`,
  );
  const batches = await post(origin, opened, batch);
  say(
    `posts of ${batch} entries, ${clients} clients: entries a second`,
    `${Math.round(batches.requests.average * batch)}/s, ${rateOf(batches)}`,
  );
}

const rateOf = ({ requests, latency, non2xx }: Result): string =>
  `${Math.round(requests.average)}/s, 99th percentile ${latency.p99} ms${non2xx > 0 ? `, not 2xx: ${non2xx}` : ""}`;

async function openFive(origin: string, ownerUrl: string): Promise<Opened[]> {
  const signedIn = await fetch(`${origin}/api/sign-in`, {
    method: "POST",
    headers: { origin, "content-type": "application/json" },
    body: JSON.stringify({ email: "maro@brinecove.example", password: "sallow-tide-7" }),
  });
  const cookie = signedIn.headers.get("set-cookie")?.split(";")[0] ?? "";
  const owner = new pg.Client({ connectionString: ownerUrl });
  await owner.connect();
  const { rows } = await owner.query<{ id: string; kind: string }>(
    "select s.id, case c.reference when 'BR-1052' then 'check-out' when 'BR-1053' then 'check-out' else 'check-in' end as kind from stay s join charter c on c.id = s.charter_id where c.reference in ('BR-1052', 'BR-1053', 'BR-1058', 'BR-1059', 'BR-1060')",
  );
  await owner.end();
  return Promise.all(
    rows.map(async ({ id, kind }) => {
      const answer = await fetch(`${origin}/api/handovers`, {
        method: "POST",
        headers: { origin, cookie, "content-type": "application/json" },
        body: JSON.stringify({ stayId: id, kind }),
      });
      return (await answer.json()) as Opened;
    }),
  );
}

const entryOf = ({ handover, bundle }: Opened): Entry => ({
  v: 1,
  id: uuid(),
  handover,
  subject: "line:count:mug",
  aspect: "remark:base",
  value: { words: "measured" },
  basis: [],
  by: { side: "base", person: bundle.me.person },
  device: uuid(),
  at: new Date().toISOString(),
  offsetMs: 0,
});

async function post(origin: string, opened: readonly Opened[], entries: number): Promise<Result> {
  let turn = 0;
  return autocannon({
    url: origin,
    connections: clients,
    duration: seconds,
    requests: [
      {
        method: "POST",
        setupRequest: (request) => {
          const on = opened[(turn += 1) % opened.length] as Opened;
          return {
            ...request,
            path: `/api/handovers/${on.handover}/entries`,
            headers: { origin, "content-type": "application/json", authorization: `Bearer ${on.grant}` },
            body: JSON.stringify({ entries: Array.from({ length: entries }, () => entryOf(on)) }),
          };
        },
      },
    ],
  });
}

async function bareRate([first]: readonly Opened[], ownerUrl: string, appUrl: string): Promise<number> {
  if (!first) throw new Error("no handover to post to");
  const owner = new pg.Client({ connectionString: ownerUrl });
  await owner.connect();
  await owner.query(
    "create table if not exists bare_entry (id uuid primary key, content jsonb, hash text, at timestamptz)",
  );
  await owner.query(`grant insert on bare_entry to ${new URL(appUrl).username}`);
  await owner.end();
  const bare = new pg.Pool({ connectionString: appUrl, max: 12 });
  let inserted = 0;
  const until = Date.now() + seconds * 1000;
  await Promise.all(
    Array.from({ length: clients }, async () => {
      while (Date.now() < until) {
        const made = entryOf(first);
        await bare.query("insert into bare_entry values ($1, $2, $3, $4)", [
          made.id,
          JSON.stringify(made),
          entryHash(made),
          made.at,
        ]);
        inserted += 1;
      }
    }),
  );
  await bare.end();
  return Math.round(inserted / seconds);
}
