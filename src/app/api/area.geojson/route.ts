import { saveArea } from "@/api/area";
import { AppError } from "@/api/app-error";
import { currentArea } from "@/server/db/area";
import { geoJsonFile } from "@/server/http/json-file";
import { serve } from "@/server/http/serve";

export const GET = serve(saveArea, async ({ db }) => {
  const told = await currentArea(db);
  if (!told) throw new AppError("no-area");
  return geoJsonFile(told.area, "area.geojson");
});
