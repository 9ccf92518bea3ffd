/** The time zone that this device is set to. */
export const browserZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
