import styles from "./Drills.module.css";

/** How far a lever goes each way, degrees. */
const leverDeg = 62;

/** An engine's lever from the side, ahead to the right: in neutral it stands upright, or lies level. */
export function Lever({ stands, isLevel }: { stands: number; isLevel: boolean }) {
  const neutralDeg = isLevel ? -90 : 0;
  return (
    <svg className={styles.lever} viewBox="0 0 120 96" aria-hidden="true">
      <path d="M14 70 A50 50 0 0 1 106 70" />
      <g transform={`rotate(${neutralDeg + stands * leverDeg} 60 72)`}>
        <rect x="55" y="26" width="10" height="46" rx="3" data-arm="" />
        <circle cx="60" cy="22" r="11" data-arm="" />
      </g>
      <circle cx="60" cy="72" r="17" data-hub="" />
    </svg>
  );
}

/** A key in its switch: across is off, along is on. */
export const KeySwitch = ({ isOn }: { isOn: boolean }) => (
  <svg className={styles.drawn} viewBox="0 0 40 40" aria-hidden="true">
    <circle cx="20" cy="20" r="17" />
    <rect x="17" y="5" width="6" height="30" rx="3" data-arm="" transform={`rotate(${isOn ? 0 : 90} 20 20)`} />
  </svg>
);

/** A stop handle that is pulled out. */
export const PullHandle = ({ isOut }: { isOut: boolean }) => (
  <svg className={styles.drawn} viewBox="0 0 40 40" aria-hidden="true">
    <rect x="17" y={isOut ? 14 : 22} width="6" height={isOut ? 24 : 16} />
    <rect x="6" y={isOut ? 4 : 12} width="28" height="10" rx="4" data-arm="" />
  </svg>
);
