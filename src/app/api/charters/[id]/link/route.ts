import { makeBookLink } from "@/api/stays";
import { bookLinkFor } from "@/server/auth/book-link";
import { serve } from "@/server/http/serve";

export const POST = serve(makeBookLink, ({ db, params }) => bookLinkFor(db, params.id));
