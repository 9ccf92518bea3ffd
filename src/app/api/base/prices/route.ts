import { settlePrices } from "@/api/base";
import { settlePriceList } from "@/server/base/settle-prices";
import { serve } from "@/server/http/serve";

export const POST = serve(settlePrices, async ({ db, body, session }) => settlePriceList(db, body, session.personId));
