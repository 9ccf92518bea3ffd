import { chakra } from "@chakra-ui/react";

/** A tick with its words, large enough for a thumb. */
export function CheckRow({
  checked,
  onChange,
  children,
}: {
  checked: boolean;
  onChange: (checked: boolean) => void;
  children: string;
}) {
  return (
    <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="48px" fontWeight="600">
      <input
        type="checkbox"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
        style={{ width: 24, height: 24, flex: "none" }}
      />
      {children}
    </chakra.label>
  );
}
