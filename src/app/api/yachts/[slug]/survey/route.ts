import { readSurvey } from "@/api/yachts";
import { surveyBundle } from "@/server/yacht/survey";
import { serve } from "@/server/http/serve";

export const GET = serve(readSurvey, ({ db, params, session }) => surveyBundle(db, params.slug, session.personId));
