import "server-only";
import type { Queryable } from "./pool";

/** What a base of one's own still lacks before it can hand a yacht over; null for the demo, which is there to be tried. */
export interface GettingStarted {
  yacht: boolean;
  /** deposit, fuel and hours as the base agrees them: a new base asks for no deposit */
  terms: boolean;
  colleague: boolean;
  charter: boolean;
  backup: boolean;
}

/** What of the first steps has been done; null where all of them are, or the base is the demo. */
export async function gettingStarted(db: Queryable): Promise<GettingStarted | null> {
  const { rows } = await db.query<GettingStarted & { isDemo: boolean }>(
    `select b.is_demo as "isDemo", exists (select 1 from yacht_revision) as yacht, exists (select 1 from base_list where kind = 'charters') as terms,
       (select count(*) from staff where active) > 1 as colleague, exists (select 1 from charter) as charter, exists (select 1 from backups_made() where done_at is not null) as backup from base b`,
  );
  const [row] = rows;
  if (!row || row.isDemo) return null;
  const { yacht, terms, colleague, charter, backup } = row;
  return yacht && terms && colleague && charter && backup ? null : { yacht, terms, colleague, charter, backup };
}
