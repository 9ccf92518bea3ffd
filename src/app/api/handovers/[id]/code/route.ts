import { makeJoinCode } from "@/api/handovers";
import { makeJoinCode as makeCode } from "@/server/handover/join";
import { serve } from "@/server/http/serve";

export const POST = serve(makeJoinCode, ({ db, params }) => makeCode(db, params.id));
