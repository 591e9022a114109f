/** A request that cannot be met, with the sentence the gardener is shown. */
export class Fault extends Error {
  constructor(
    readonly status: 400 | 404 | 409 | 413 | 422,
    message: string,
    readonly detail: { fields?: Record<string, string>; current?: unknown } = {},
  ) {
    super(message);
  }
}
