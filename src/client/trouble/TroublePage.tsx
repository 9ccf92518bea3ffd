"use client";
import type { YachtFile } from "@/core/yacht/schema";
import type { BaseToCall } from "./CallBase";
import { WithFaultWords } from "./FaultWords";
import type { TroubleKeeper } from "./keeper";
import { LeadPage } from "./LeadPage";
import { TroubleList } from "./TroubleList";

interface Props {
  file: YachtFile;
  /** which fault one is led through; null for what can be wrong */
  fault: string | null;
  keeper: TroubleKeeper;
  base: BaseToCall;
  onFault: (fault: string | null) => void;
}

/** Something is wrong: which fault it is, and being led through it. */
export const TroublePage = ({ file, fault, keeper, base, onFault }: Props) => (
  <WithFaultWords>
    {fault === null ? (
      <TroubleList file={file} keeper={keeper} clock={base.clock} onFault={onFault} />
    ) : (
      <LeadPage key={fault} file={file} id={fault} keeper={keeper} base={base} go={onFault} />
    )}
  </WithFaultWords>
);
