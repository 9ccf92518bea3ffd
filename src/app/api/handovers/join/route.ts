import { joinHandover } from "@/api/handovers";
import { joinByCode } from "@/server/handover/join";
import { serve } from "@/server/http/serve";

export const POST = serve(joinHandover, ({ body }) => joinByCode(body.code, body.name));
