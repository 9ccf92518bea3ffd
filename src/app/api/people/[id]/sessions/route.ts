import { readDevices } from "@/api/people";
import { serve } from "@/server/http/serve";
import { devicesOf } from "@/server/people/devices";

export const GET = serve(readDevices, ({ db, params }) => devicesOf(db, params.id));
