"use client";
import { useEffect } from "react";

/** Keeps the shells and the build files on this device, once the page has come up. */
export function ServiceWorker() {
  useEffect(() => {
    if (process.env.NODE_ENV !== "production" || !("serviceWorker" in navigator)) return;
    const register = () =>
      void navigator.serviceWorker.register("/serwist/sw.js", { scope: "/" }).catch(() => undefined);
    const later = setTimeout(register, 3000);
    return () => clearTimeout(later);
  }, []);
  return null;
}
