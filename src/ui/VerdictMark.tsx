import type { Verdict } from "@/core/basics/verdict";

/** Open ring for fine, half-filled diamond for watch, barred square for stop; told by shape, colour only adds to it. */
export function VerdictMark({
  verdict,
  size = 18,
  onDark = false,
}: {
  verdict: Verdict;
  size?: number;
  onDark?: boolean;
}) {
  const ink = onDark
    ? "var(--paper)"
    : verdict === "fine"
      ? "var(--kelp)"
      : verdict === "watch"
        ? "var(--brass)"
        : "var(--alarm)";
  const hole = onDark ? "var(--kelp)" : "var(--paper)";
  return (
    <svg width={size} height={size} viewBox="0 0 18 18" aria-hidden="true" style={{ flex: "none" }}>
      {verdict === "fine" && <circle cx="9" cy="9" r="6.5" fill="none" stroke={ink} strokeWidth="2.6" />}
      {verdict === "watch" && (
        <>
          <path d="M9 1.4 16.6 9 9 16.6 1.4 9Z" fill={hole} stroke={ink} strokeWidth="2" />
          <path d="M9 1.4 16.6 9 9 16.6Z" fill={ink} />
        </>
      )}
      {verdict === "stop" && (
        <>
          <rect x="1" y="1" width="16" height="16" rx="1" fill={ink} />
          <rect x="4" y="7.6" width="10" height="2.8" fill={hole} />
        </>
      )}
    </svg>
  );
}
