import { readBook } from "@/api/book";
import { boatBook } from "@/server/book/boat-book";
import { serve } from "@/server/http/serve";

export const GET = serve(readBook, ({ db, session, language }) => boatBook(db, session.charterId, language));
