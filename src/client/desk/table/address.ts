/** Keeps how a table stands in the address, so that a link or Back shows it the same; an empty value takes it out. */
export function keepInAddress(name: string, value: string): void {
  const address = new URL(window.location.href);
  if (value === "") address.searchParams.delete(name);
  else address.searchParams.set(name, value);
  window.history.replaceState(window.history.state, "", address);
}
