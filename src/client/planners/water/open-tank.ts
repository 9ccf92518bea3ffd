import { useState } from "react";

const keyOf = (stay: string) => `brinecove-planner-${stay}-open-tank`;

/** Which tank is open, as somebody told this device; null where nobody did. */
export function useOpenTank(stay: string): [string | null, (tank: string) => void] {
  const [open, setOpen] = useState(() => localStorage.getItem(keyOf(stay)));
  return [
    open,
    (tank) => {
      setOpen(tank);
      try {
        localStorage.setItem(keyOf(stay), tank);
      } catch {
        // a full store
      }
    },
  ];
}
