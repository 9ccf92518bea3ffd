import { keepTasks } from "@/api/lists";
import { keepBaseTasks } from "@/server/base/keep-list";
import { serve } from "@/server/http/serve";

export const POST = serve(keepTasks, async ({ db, body, session }) => keepBaseTasks(db, body, session.personId));
