/** The house mark: a roof line over a swell. */
export function BrandMark({ size = 44 }: { size?: number }) {
  return (
    <svg width={size} height={size * 0.75} viewBox="0 0 44 33" aria-hidden="true">
      <path d="M6 16 22 3l16 13" fill="none" stroke="var(--kelp)" strokeWidth="3" />
      <path d="M1 26c5-7 11-7 15-2s10 5 14 0 9-4 13 1" fill="none" stroke="var(--brass)" strokeWidth="3" />
    </svg>
  );
}
