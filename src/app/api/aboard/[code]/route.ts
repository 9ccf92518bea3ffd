import { readAboard } from "@/api/aboard";
import { yachtByCode } from "@/server/book/aboard";
import { serve } from "@/server/http/serve";

export const GET = serve(readAboard, ({ params }) => yachtByCode(params.code));
