import { useCallback, useState } from "react";
import { typedOf, keepTyped } from "../../store/planner-typed";

/** Where she is, and when that was told. */
export interface WhereSheIs {
  lon: number;
  lat: number;
  at: string;
}

const read = (stay: string): WhereSheIs | null => {
  const { lon, lat } = typedOf<"lon" | "lat">(stay, "where");
  return lon && lat ? { lon: lon.value, lat: lat.value, at: lon.at } : null;
};

/** Where she is as this device was told, by its own position or by a place of the area; nothing of it leaves the device. */
export function useWhereSheIs(stay: string, onTold?: (lon: number, lat: number) => void) {
  const [where, setWhere] = useState(() => read(stay));
  const [fault, setFault] = useState(false);
  const tell = useCallback(
    (lon: number, lat: number) => {
      const at = new Date().toISOString();
      keepTyped(stay, "where", { lon: { value: lon, at }, lat: { value: lat, at } });
      setFault(false);
      setWhere({ lon, lat, at });
      onTold?.(lon, lat);
    },
    [stay, onTold],
  );
  const locate = useCallback(() => {
    if (!navigator.geolocation) return setFault(true);
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => tell(coords.longitude, coords.latitude),
      () => setFault(true),
      { timeout: 15_000, maximumAge: 60_000, enableHighAccuracy: true },
    );
  }, [tell]);
  return { where, fault, tell, locate };
}
