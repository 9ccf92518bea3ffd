/** A yacht from above, bow up: the sign of her plan. */
export function PlanSign() {
  return (
    <svg
      width="22"
      height="22"
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      aria-hidden="true"
    >
      <path d="M12 2 C16 8 17 13 16 22 H8 C7 13 8 8 12 2 Z" strokeLinejoin="round" />
    </svg>
  );
}
