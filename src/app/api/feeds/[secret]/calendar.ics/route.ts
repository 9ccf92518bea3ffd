import { readFeed } from "@/api/feeds";
import { calendarOf } from "@/server/feeds/own";
import { serve } from "@/server/http/serve";

export const GET = serve(readFeed, ({ params }) => calendarOf(params.secret));
