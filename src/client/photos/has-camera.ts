/** Whether this browser gives a page the camera's picture. */
export const hasCamera = (): boolean =>
  typeof navigator !== "undefined" && typeof navigator.mediaDevices?.getUserMedia === "function";
