import type { ButtonHTMLAttributes } from "react";
import styles from "./Button.module.css";

type Props = ButtonHTMLAttributes<HTMLButtonElement> & {
  look?: "plain" | "main" | "chosen" | "on-dark" | "quiet";
  large?: boolean;
};

/** A lean button for screens with hundreds of them; the same look as the desk's. */
export function Button({ look = "plain", large = false, className = "", type = "button", ...rest }: Props) {
  return (
    <button
      type={type}
      className={`${styles.button} ${styles[look]} ${large ? styles.large : ""} ${className}`}
      {...rest}
    />
  );
}
