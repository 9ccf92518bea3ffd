import { endDevice } from "@/api/people";
import { serve } from "@/server/http/serve";
import { endSessionOf } from "@/server/people/devices";

export const POST = serve(endDevice, ({ db, params }) => endSessionOf(db, params.id, params.session));
