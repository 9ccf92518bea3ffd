import styles from "./Pairs.module.css";

export interface PairOf {
  id: string;
  name: string;
  value: string;
  /** in small under the value: which one of several it is */
  of?: string;
}

/** Facts in rows: what each is called, and what it is. */
export const Pairs = ({ pairs }: { pairs: readonly PairOf[] }) => (
  <dl className={styles.pairs}>
    {pairs.map(({ id, name, value, of }) => (
      <div key={id}>
        <dt>{name}</dt>
        <dd>
          {value}
          {of !== undefined && <small>{of}</small>}
        </dd>
      </div>
    ))}
  </dl>
);
