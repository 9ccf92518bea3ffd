import { findAnywhere } from "@/api/base";
import { goTo } from "@/server/db/go-to";
import { serve } from "@/server/http/serve";

export const GET = serve(findAnywhere, async ({ db, query }) => ({ found: await goTo(db, query.find.trim()) }));
