/** A request that cannot be done, to be told as an RFC 9457 problem document. */
export class Refusal extends Error {
  constructor(
    readonly status: 400 | 401 | 403 | 404 | 409 | 413 | 429 | 503,
    readonly title: string,
    readonly detail?: string,
    readonly errors?: { path: string; message: string }[],
    /** Members of the problem document beyond the standard ones. */
    readonly more?: Record<string, unknown>,
  ) {
    super(title);
  }
}
