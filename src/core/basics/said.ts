/**
 * What is to be said, as the core answers it: a key of the message catalogue with its values, and parts that are said
 * first and then stand in the sentence. The words are the catalogue's.
 */
export interface Said {
  key: string;
  values?: Readonly<Record<string, string | number>>;
  parts?: Readonly<Record<string, Said>>;
}
