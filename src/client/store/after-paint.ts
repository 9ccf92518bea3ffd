/** Runs work once the screen has painted what was just changed; in a hidden page, where nothing paints, soon all the same. */
export function afterPaint(work: () => void): void {
  let done = false;
  const once = () => {
    if (done) return;
    done = true;
    work();
  };
  requestAnimationFrame(() => setTimeout(once));
  setTimeout(once, 100);
}
