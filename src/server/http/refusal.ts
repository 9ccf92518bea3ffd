import "server-only";

/** A request that is refused for a reason the person can do something about. Nothing was changed. */
export class Refusal extends Error {
  override readonly name = "Refusal";
  constructor(
    readonly status: 400 | 401 | 403 | 404 | 409 | 410 | 413 | 415 | 422 | 429 | 503,
    readonly code: string,
    message: string,
    /** where in the input, as a JSON pointer or a field's name */
    readonly where: string | null = null,
  ) {
    super(message);
  }
}
