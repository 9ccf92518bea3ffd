import { now } from "@/server/clock";
import { handle } from "@/server/http/handle";
import { Refusal } from "@/server/http/refusal";
import { simulatedVessel } from "@/stand-ins/boat-data-gateway";

interface Context {
  params: Promise<{ yacht: string }>;
}

/** The simulated boat-data gateway of a demo yacht, as any Signal K server answers. It knows nothing of charters or people. */
export const GET = handle<Context>("simulated-boat-data", async (_request, { params }) => {
  const vessel = simulatedVessel((await params).yacht, now());
  if (!vessel) throw new Refusal(404, "no-gateway", "There is no simulated gateway for this yacht.");
  return Response.json(vessel);
});
