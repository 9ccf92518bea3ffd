import { takeList } from "@/api/imports";
import { serve } from "@/server/http/serve";
import { takeIn } from "@/server/imports/take";

export const POST = serve(takeList, ({ db, body, session }) => takeIn(db, body, session.personId));
