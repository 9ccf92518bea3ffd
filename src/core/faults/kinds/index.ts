import { acFaults } from "./ac-power";
import { anchoringFaults } from "./anchoring";
import { bilgeFaults } from "./bilge";
import { comfortFaults } from "./comfort";
import { dcFaults } from "./dc-power";
import { engineFaults } from "./engine";
import { waterFaults } from "./fresh-water";
import { fuelFaults } from "./fuel";
import { gasFaults } from "./gas";
import { hullFaults } from "./hull-and-deck";
import type { FaultKind } from "./kind";
import { navigationFaults } from "./navigation";
import { pilotFaults } from "./pilot-and-thruster";
import { rigFaults } from "./rig-and-sails";
import { safetyFaults } from "./safety";
import { steeringFaults } from "./steering";
import { tenderFaults } from "./tender";
import { wasteFaults } from "./waste";

/** Every usual kind of fault, by system. */
export const faultKinds: readonly FaultKind[] = [
  ...engineFaults,
  ...fuelFaults,
  ...rigFaults,
  ...anchoringFaults,
  ...steeringFaults,
  ...pilotFaults,
  ...dcFaults,
  ...acFaults,
  ...waterFaults,
  ...wasteFaults,
  ...gasFaults,
  ...bilgeFaults,
  ...safetyFaults,
  ...tenderFaults,
  ...navigationFaults,
  ...comfortFaults,
  ...hullFaults,
];
