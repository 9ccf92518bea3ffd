/** The kelp line of two pixels where areas meet, and the sand line between rows (LOOK.md). */
export const edge = { borderWidth: "2px", borderStyle: "solid", borderColor: "kelp" } as const;
export const rowLine = { borderBottomWidth: "1px", borderBottomStyle: "solid", borderColor: "line" } as const;
/** What lies over the page: flat, with an edge instead of a shadow. */
export const over = { ...edge, borderRadius: "4px", background: "cloth", color: "kelp" } as const;
/** An entry of a list that is chosen by a tap or by arrows. */
export const entry = {
  display: "flex",
  alignItems: "center",
  gap: "3",
  minHeight: "48px",
  paddingInline: "12px",
  cursor: "pointer",
  textDecoration: "none",
  color: "kelp",
  _highlighted: { background: "brassGround" },
  _disabled: { color: "kelp2", cursor: "not-allowed" },
} as const;
/** A field that is typed in. */
export const typedIn = {
  ...edge,
  width: "100%",
  minHeight: "48px",
  paddingInline: "12px",
  background: "paper",
  color: "kelp",
  borderRadius: "4px",
  fontSize: "1rem",
} as const;
