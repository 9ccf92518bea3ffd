/** Something the person at the keyboard can mend: printed as one line, without a stack. */
export class PlainError extends Error {
  override readonly name = "PlainError";
}
