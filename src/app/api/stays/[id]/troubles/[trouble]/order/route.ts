import { orderFromCall } from "@/api/stays";
import { orderFromCallOf } from "@/server/calls/order-from-call";
import { serve } from "@/server/http/serve";

export const POST = serve(orderFromCall, ({ db, params, session }) =>
  orderFromCallOf(db, params.id, params.trouble, session.personId),
);
