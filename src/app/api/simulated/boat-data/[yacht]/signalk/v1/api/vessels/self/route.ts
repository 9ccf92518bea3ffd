import { AppError } from "@/api/app-error";
import { readSimulatedVessel } from "@/api/system";
import { now } from "@/server/clock";
import { jsonAnswer } from "@/server/http/json-file";
import { serve } from "@/server/http/serve";
import { simulatedVessel } from "@/stand-ins/boat-data-gateway";

export const GET = serve(readSimulatedVessel, async ({ params }) => {
  const vessel = simulatedVessel(params.yacht, now());
  if (!vessel) throw new AppError("no-simulated-gateway");
  return jsonAnswer(vessel);
});
