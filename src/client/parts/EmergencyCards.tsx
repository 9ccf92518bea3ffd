import { entriesByOrder } from "@/core/yacht/by-order";
import type { YachtFile } from "@/core/yacht/schema";
import { EmergencyCard } from "./EmergencyCard";

/** Every emergency card of a yacht, in their order. */
export const EmergencyCards = ({ file }: { file: YachtFile }) =>
  entriesByOrder(file.emergencyCards).map(([id, card]) => <EmergencyCard key={id} file={file} card={card} />);
