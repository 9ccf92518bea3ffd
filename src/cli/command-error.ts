/** Something the person at the keyboard can mend: printed as one line, without a stack. */
export class CommandError extends Error {
  override readonly name = "CommandError";
}
