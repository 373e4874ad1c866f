/** A file or page that cannot be read, in words for whoever brought it: what is wrong, and what to do. */
export class Unreadable extends Error {
  constructor(
    readonly title: string,
    readonly detail: string,
  ) {
    super(`${title}. ${detail}`);
  }
}
