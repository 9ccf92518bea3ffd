import { invitePerson } from "@/api/people";
import { serve } from "@/server/http/serve";
import { invite } from "@/server/people/invite";

export const POST = serve(invitePerson, ({ db, body, session }) => invite(db, body, session.personId));
